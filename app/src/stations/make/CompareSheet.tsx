import { useState } from 'react';
import { View } from 'react-native';
import { copyName, modelOf, modelToy } from '@hoppla/core/model';
import { compared, progressOf, unlike, type Against, type Progress, type Row } from '@hoppla/core/record';
import type { PhotoTaken } from '@hoppla/core/toy';
import type { UnitWords } from '@hoppla/core/words';
import { Amount, Choice, Quiet, Sheet, Words } from '../../controls';
import { note, useShelf } from '../../documents';
import { usePalette } from '../../theme';
import { useToy } from '../frame/useToy';
import { screenWords } from '../../words';
import { PhotosBeside } from './PhotosBeside';

const say = screenWords.make.compare;
const PLAN = 'plan';

/** The piece at the table beside its plan, the ones made before it, or another toy: what a ruler can tell, row by row. */
export function CompareSheet({ progress, onClose }: { progress: Progress; onClose: () => void }) {
  const { model, file } = useToy();
  const shelf = useShelf();
  const [chosen, setChosen] = useState(PLAN);
  const others = (shelf.data ?? []).filter((s) => s.head.id !== model.toy.id && s.file?.toy.parts.length);
  const makings = Array.from({ length: progress.making - 1 }, (_, k) => k + 1);
  const options = [
    { id: PLAN, label: say.plan },
    ...makings.map((k) => ({ id: `making ${k}`, label: say.making(k) })),
    ...others.map((s) => ({ id: s.head.id, label: s.head.name })),
  ];
  const against = againstOf(chosen, makings, others);
  const told = unlike(model, progress);
  const rows = compared(model, progress, against);
  return (
    <Sheet title={say.title} onClose={onClose}>
      <Choice label={say.beside} options={options} chosen={chosen} onChoose={setChosen} />
      <Quiet>{say.how}</Quiet>
      <PhotosBeside
        mine={file.photos.filter((p) => p.making === progress.making)}
        theirs={photosOf(chosen, file.photos, others)}
        name={options.find((o) => o.id === chosen)?.label ?? ''}
      />
      {told.map((t) => (
        <Unlike key={`${t.part} ${t.is}`} {...t} />
      ))}
      {rows.map((row) => (
        <CompareRow key={row.what.of} row={row} />
      ))}
    </Sheet>
  );
}

/** Photos of what was chosen; a plan has none. */
function photosOf(
  chosen: string,
  own: readonly PhotoTaken[],
  others: readonly NonNullable<ReturnType<typeof useShelf>['data']>[number][],
): readonly PhotoTaken[] {
  const other = others.find((s) => s.head.id === chosen)?.file;
  return other ? other.photos : own.filter((p) => `making ${p.making}` === chosen);
}

/** What was chosen, as what the core compares with. */
function againstOf(
  chosen: string,
  makings: readonly number[],
  others: readonly NonNullable<ReturnType<typeof useShelf>['data']>[number][],
): Against {
  const number = makings.find((k) => `making ${k}` === chosen);
  if (number !== undefined) return { with: 'making', number };
  const file = others.find((s) => s.head.id === chosen)?.file;
  return file ? { with: 'toy', model: modelToy(file.toy), progress: progressOf(file.log) } : { with: 'plan' };
}

/** Copies of a part that came out unlike. */
function Unlike({ is, mm, shortest, longest }: ReturnType<typeof unlike>[number]) {
  const { units } = useToy();
  return (
    <Words fontWeight="600" role="status">
      {say.unlike(longest, shortest, units.length(mm), say.is[is])}
    </Words>
  );
}

/** One thing: what it should be, what it is, and by how much it is off. */
function CompareRow({ row: { what, mine, beside, offMm, within } }: { row: Row }) {
  const c = usePalette();
  const { model, units } = useToy();
  const piece = copyName(modelOf(model, what.part), what.copy);
  return (
    <View style={{ gap: 4, borderTopWidth: 1, borderTopColor: c.line, paddingTop: 8 }}>
      <Words fontWeight="600">{say.row(piece, say.is[what.is])}</Words>
      <Quiet>{besideWords(beside, units)}</Quiet>
      <View style={{ flexDirection: 'row' }}>
        <Amount
          label={say.yours(piece, say.is[what.is])}
          unit={units.of}
          value={mine === null ? null : mine / units.oneMm}
          note={say.note}
          onSay={(value) =>
            value !== null && value > 0
              ? note({ what: 'sized', of: what.of, mm: value * units.oneMm })
              : undefined
          }
        />
      </View>
      {offMm === null ? null : (
        <Words fontWeight="600" role="status">
          {within ? say.within : say.off(units.length(Math.abs(offMm)), offMm > 0)}
        </Words>
      )}
    </View>
  );
}

/** What a length is laid beside: where it was measured it has no range. */
function besideWords(beside: Row['beside'], units: UnitWords): string {
  if (!beside) return say.notKnown;
  if (beside.low === beside.high) return units.length(beside.mm);
  return say.should(units.length(beside.mm), units.length(beside.low), units.length(beside.high));
}
