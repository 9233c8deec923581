import { useState } from 'react';
import type { PartModel } from '@hoppla/core/model';
import { duplicatePart, freeName, movePart } from '@hoppla/core/toy';
import { PlainButton } from '../../controls';
import { edit, newId, openToyNow } from '../../documents';
import { useToy } from '../frame/useToy';
import { screenWords as say } from '../../words';
import { IntoToySheet } from './IntoToySheet';

/** Where the part stands among the others, and the same once more. */
export function InTheRow({ part }: { part: PartModel }) {
  const { toy, model, writing, choosePart } = useToy();
  const { id } = part.part;
  const [into, setInto] = useState(false);
  const at = toy.parts.findIndex((p) => p.id === id);
  const move = (by: number, label: string) =>
    edit(`${label}: ${part.name}`, { station: 'parts', part: id }, (so) => movePart(so, id, by));
  const again = () => {
    const known = new Set(toy.parts.map((p) => p.id));
    const to = freeName(
      part.name,
      model.parts.map((p) => p.name),
    );
    edit(say.parts.again, { station: 'parts' }, (so) =>
      duplicatePart(so, id, { from: part.name, to }, newId),
    );
    const made = openToyNow().file?.toy.parts.find((p) => !known.has(p.id));
    if (made) choosePart(made.id);
  };
  return (
    <>
      <PlainButton label={say.parts.again} disabled={!writing} onPress={again} grow />
      <PlainButton label={say.parts.into.open} onPress={() => setInto(true)} grow />
      {into ? <IntoToySheet part={part} onClose={() => setInto(false)} /> : null}
      <PlainButton
        label={say.parts.earlier}
        disabled={!writing || at <= 0}
        onPress={() => move(-1, say.parts.earlier)}
        grow
      />
      <PlainButton
        label={say.parts.later}
        disabled={!writing || at >= toy.parts.length - 1}
        onPress={() => move(1, say.parts.later)}
        grow
      />
    </>
  );
}
