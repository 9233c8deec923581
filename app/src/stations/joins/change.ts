import type { Vec3 } from '@hoppla/core/form';
import { aimedAt, pieceKey, type Join, type JoinSite, type StoredJoin } from '@hoppla/core/join';
import { modelOf, type ToyModel } from '@hoppla/core/model';
import { setJoin } from '@hoppla/core/toy';
import { edit } from '../../documents';
import { screenWords } from '../../words';

/** Changes a join in one step of the history; steps on one join that follow each other are gathered. */
export const change = (name: string, next: StoredJoin | null): void => {
  if (next) edit(name, { station: 'joins', join: next.id }, (toy) => setJoin(toy, next), `join:${next.id}`);
};

/** A part that is sewn on points another way; the tilt springs to steps. */
export function aimAt(model: ToyModel, site: JoinSite, way: Vec3): void {
  const { join } = site;
  const host = model.placed.find((p) => pieceKey(p) === pieceKey(join.at));
  if (host)
    change(screenWords.joins.points, { ...join, aim: aimedAt(host, site, join.aim, way, DETENT_DEG) });
}

const DETENT_DEG = 15;

/** Names of a join's guest and host. */
export function namesOf(model: ToyModel, join: Join): { guest: string; host: string } {
  return { guest: modelOf(model, join.guest.part).name, host: modelOf(model, join.at.part).name };
}
