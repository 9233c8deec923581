import type { Join } from '@hoppla/core/join';
import { modelOf, type ToyModel } from '@hoppla/core/model';
import { setJoin } from '@hoppla/core/toy';
import { edit } from '../../documents';

/** Changes a join in one step of the history; steps on one join that follow each other are gathered. */
export const change = (name: string, next: Join | null): void => {
  if (next) edit(name, { station: 'joins', join: next.id }, (toy) => setJoin(toy, next), `join:${next.id}`);
};

/** Names of a join's guest and host. */
export function namesOf(model: ToyModel, join: Join): { guest: string; host: string } {
  return { guest: modelOf(model, join.guest.part).name, host: modelOf(model, join.at.part).name };
}
