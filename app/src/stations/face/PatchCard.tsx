import { useState } from 'react';
import { View } from 'react-native';
import {
  edgeMm,
  MOST_PATCHED,
  outlineOf,
  patchSize,
  PATCH_SEAMS,
  PATCH_SHAPES,
  piecesSaid,
  readOutline,
  type Patch,
} from '@hoppla/core/feature';
import { cutSheetHtml } from '@hoppla/core/files';
import { partsOver, type PartModel, type Patched } from '@hoppla/core/model';
import { edgeThread } from '@hoppla/core/plan';
import { patchWords, type UnitWords } from '@hoppla/core/words';
import { Choice, Field, Nudge, PlainButton, ProblemLine, Quiet, Words } from '../../controls';
import { printDocument } from '../../documents';
import { useToy } from '../frame/useToy';
import { screenWords as words } from '../../words';
import { Ends, Steps, Where } from './NeedleEnds';
import { Scatter } from './Scatter';
import { put, type EndAt } from './stitchEnds';
import { Colour, OtherSide } from './StitchThread';

const say = words.patch;
/** One step of a turn, degrees. */
const TURN_DEG = 15;

/** What is laid on: its size and its thread, where it lies, its outline, how it is sewn, and its template. */
export function PatchCard({
  part,
  patched,
  units,
  at,
  setAt,
}: {
  part: PartModel;
  patched: Patched;
  units: UnitWords;
  at: EndAt;
  setAt: (at: EndAt) => void;
}) {
  const { model } = useToy();
  const { feature: f, sides } = patched;
  const edge = edgeMm(outlineOf(f));
  const pieces = sides.flatMap((s) => s.pieces);
  const thread = pieces.length > 1 ? patchWords.threadEach : patchWords.thread;
  return (
    <>
      <Words fontWeight="600">{piecesSaid(f, units)}</Words>
      <Quiet>{thread(units.length(edge), units.end(edgeThread(edge, f.seam)))}</Quiet>
      <Ends part={part} stitched={patched} at={at} setAt={setAt} />
      <Steps part={part} stitched={patched} at={at} />
      <Where key={`${f.id} ${at.side} ${at.end}`} part={part} stitched={patched} at={at} />
      <Readings part={part} patched={patched} units={units} />
      <OtherSide part={part} stitched={patched} setAt={setAt} />
      <Outline part={part} f={f} units={units} />
      <Turn part={part} f={f} />
      <Making part={part} f={f} />
      <Scatter
        part={part}
        stitched={patched}
        wideMm={Math.max(f.widthMm, patchSize(f).heightMm)}
        units={units}
      />
      <View style={{ flexDirection: 'row' }}>
        <PlainButton label={say.cut} onPress={() => printDocument(cutSheetHtml(model, part.part.id))} />
      </View>
    </>
  );
}

/** What it is made of, how it is sewn, and whether eyes stand on it. */
function Making({ part, f }: { part: PartModel; f: Patch }) {
  return (
    <>
      <Colour part={part} f={f} />
      <Choice
        label={say.of}
        options={(['felt', 'crochet'] as const).map((id) => ({ id, label: say.ofs[id] }))}
        chosen={f.of}
        onChoose={(of) => put(say.of, part, { ...f, of })}
      />
      <Choice
        label={say.seam}
        options={PATCH_SEAMS.map((id) => ({ id, label: patchWords.seams[id] }))}
        chosen={f.seam}
        onChoose={(seam) => put(say.seam, part, { ...f, seam })}
      />
      <Choice
        label={say.eyes}
        options={(['under', 'over'] as const).map((id) => ({ id, label: say.eyesAre[id] }))}
        chosen={f.eyes}
        onChoose={(eyes) => put(say.eyes, part, { ...f, eyes })}
      />
    </>
  );
}

/** Where posts go through it, and what does not lie on the fabric. */
function Readings({ part, patched, units }: { part: PartModel; patched: Patched; units: UnitWords }) {
  const { feature: f, sides } = patched;
  const pieces = sides.flatMap((s) => s.pieces);
  const covering = partsOver(patched);
  const over = Math.max(0, ...pieces.map((p) => p.overMm));
  return (
    <View style={{ gap: 4 }}>
      {pieces.flatMap((p) =>
        p.holes.map(({ of, at: [left, up] }) => (
          <Quiet key={of}>
            {patchWords.hole(
              of,
              patchWords.holeAcross(units.fine(Math.abs(left)), sideOf(left, 'left', 'right')),
              patchWords.holeUp(units.fine(Math.abs(up)), sideOf(up, true, false)),
            )}
          </Quiet>
        )),
      )}
      {over > SEEN_MM ? (
        <ProblemLine where={part.name} sentence={patchWords.over(units.fine(over))} severity="note" />
      ) : null}
      {covering.length > 0 ? (
        <ProblemLine where={f.name} sentence={patchWords.partOver(covering.join(', '))} severity="note" />
      ) : null}
      {f.shape === 'own' && !readOutline(f.path ?? '') ? (
        <ProblemLine where={f.name} sentence={patchWords.badOutline} severity="warning" />
      ) : null}
    </View>
  );
}

/** Less is seen by nobody, mm. */
const SEEN_MM = 0.5;
function sideOf<T>(mm: number, more: T, less: T): T | null {
  if (Math.abs(mm) < 0.25) return null;
  return mm > 0 ? more : less;
}

/** What can be drawn by hand starts from a leaf. */
const LEAF = 'M10 0 C20 6 20 14 10 20 C0 14 0 6 10 0 Z';

function Outline({ part, f, units }: { part: PartModel; f: Patch; units: UnitWords }) {
  const sides = f.shape === 'circle' ? (['widthMm'] as const) : (['widthMm', 'heightMm'] as const);
  return (
    <>
      <Choice
        label={say.shape}
        options={PATCH_SHAPES.map((id) => ({ id, label: patchWords.shapes[id] }))}
        chosen={f.shape}
        onChoose={(shape) =>
          put(say.shape, part, { ...f, shape, path: shape === 'own' ? (f.path ?? LEAF) : f.path })
        }
      />
      {f.shape === 'own' ? <OwnOutline part={part} f={f} /> : null}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {sides.flatMap((side) =>
          [-1, 1].map((by) => {
            const what = side === 'widthMm' ? say.width : say.height;
            const mm = f[side] + by;
            const next = f.shape === 'circle' ? { ...f, widthMm: mm, heightMm: mm } : { ...f, [side]: mm };
            return (
              <Nudge
                key={`${side}${by}`}
                direction={by < 0 ? words.stitching.less(what) : words.stitching.more(what)}
                arrow={by < 0 ? '−' : '+'}
                result={units.length(mm)}
                disabled={mm < 1 || mm > MOST_PATCHED.mm}
                basis="40%"
                repeats
                onPress={() => put(words.stitching.size, part, next)}
              />
            );
          }),
        )}
      </View>
    </>
  );
}

/** An outline as its maker writes it; one that is not understood stays typed. */
function OwnOutline({ part, f }: { part: PartModel; f: Patch }) {
  const [typed, setTyped] = useState<string | null>(null);
  const [wrong, setWrong] = useState<string | null>(null);
  const submit = () => {
    if (typed === null) return;
    const understood = readOutline(typed.trim()) !== null;
    setWrong(understood ? null : typed);
    if (!understood) return;
    setTyped(null);
    put(say.shape, part, { ...f, path: typed.trim() });
  };
  return (
    <View style={{ gap: 6 }}>
      <Field label={say.ownOutline} value={typed ?? f.path ?? ''} onChange={setTyped} onDone={submit} />
      {wrong === null ? null : (
        <ProblemLine where={f.name} sentence={patchWords.notRead(wrong)} severity="error" />
      )}
      <View style={{ flexDirection: 'row' }}>
        <PlainButton label={say.putOutline} disabled={typed === null} onPress={submit} />
      </View>
    </View>
  );
}

function Turn({ part, f }: { part: PartModel; f: Patch }) {
  if (f.shape === 'circle') return null;
  const turned = (by: number) => {
    const deg = (f.turnDeg + by + 540) % 360;
    return deg - 180;
  };
  return (
    <View style={{ flexDirection: 'row', gap: 8 }}>
      {(['back', 'on'] as const).map((way) => (
        <Nudge
          key={way}
          direction={say.turns[way]}
          arrow={way === 'back' ? '↺' : '↻'}
          result={say.degrees(turned(way === 'back' ? -TURN_DEG : TURN_DEG))}
          repeats
          onPress={() =>
            put(say.turn, part, { ...f, turnDeg: turned(way === 'back' ? -TURN_DEG : TURN_DEG) })
          }
        />
      ))}
    </View>
  );
}
