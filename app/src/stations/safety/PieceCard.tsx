import { own } from '@hoppla/core/own';
import { useState } from 'react';
import { View } from 'react-native';
import { labelHtml, recordHtml } from '@hoppla/core/files';
import { materialLines, materialsOf, planOf } from '@hoppla/core/plan';
import {
  addNote,
  changePiece,
  countPins,
  numberRefused,
  practiceTests,
  removePiece,
  sameLots,
  signOff,
  signoffRefusals,
  signoffWords,
  type PieceNumberRefused,
} from '@hoppla/core/record';
import type { PieceMade, PieceNote } from '@hoppla/core/toy';
import { recordWords } from '@hoppla/core/words';
import { Choice, Field, Num, PlainButton, Quiet, Title, Toggle, Words } from '../../controls';
import { keepRecord, printDocument } from '../../documents';
import { usePalette } from '../../theme';
import { useToy } from '../frame/useToy';
import { screenWords as words } from '../../words';

const say = words.safety;
/** As many reasons as are told at once. */
const TOLD = 4;

/** One piece: closed, its number and its state; open, all that is known of it. */
export function PieceCard({ piece, open, onOpen }: { piece: PieceMade; open: boolean; onOpen: () => void }) {
  const c = usePalette();
  return (
    <View
      style={{ borderWidth: 1.5, borderColor: open ? c.ink : c.edge, borderRadius: 6, padding: 12, gap: 12 }}
    >
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: 10, flexWrap: 'wrap' }}>
        <Num fontSize={26} lineHeight={32}>
          {say.pieceNo(piece.number)}
        </Num>
        <Words flex={1}>{stateOf(piece)}</Words>
        <PlainButton
          label={open ? words.plan.closeLine : say.openPiece}
          spoken={`${say.pieceNo(piece.number)}, ${open ? words.plan.closeLine : say.openPiece}`}
          onPress={onOpen}
        />
      </View>
      {open ? <Open piece={piece} /> : null}
    </View>
  );
}

function stateOf({ spent, rejected, signedOff }: PieceMade): string {
  if (rejected !== null) return say.putAside(rejected);
  if (spent) return say.testPiece;
  return signedOff ? say.signedBy(signedOff.by, signedOff.at.slice(0, 10)) : recordWords.sheet.notSigned;
}

function Open({ piece }: { piece: PieceMade }) {
  const { model, file } = useToy();
  const change = (to: Parameters<typeof changePiece>[2]) => keepRecord((so) => changePiece(so, piece.id, to));
  return (
    <View style={{ gap: 14 }}>
      <SignOff piece={piece} />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 12 }}>
        <Kept
          label={say.number}
          value={piece.number}
          refused={(number) => numberRefused(file, piece.id, number)}
          onSay={(number) => change({ number })}
        />
        <Kept label={say.maker} value={piece.maker} onSay={(maker) => change({ maker })} />
      </View>
      <Pins piece={piece} />
      <Lots piece={piece} onSay={(lots) => change({ lots })} />
      <Story piece={piece} />
      <Toggle label={say.testPiece} on={piece.spent} onChange={(spent) => change({ spent })} />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        <PlainButton label={say.printRecord} onPress={() => printDocument(recordHtml(model, file, piece))} />
        <PlainButton label={say.printLabel} onPress={() => printDocument(labelHtml(model, file, piece))} />
        {removePiece(file, piece.id) === file ? null : (
          <PlainButton
            label={say.removePiece}
            onPress={() => keepRecord((so) => removePiece(so, piece.id))}
          />
        )}
      </View>
    </View>
  );
}

/** A line that is kept when it is left. */
function Kept({
  label,
  value,
  refused,
  onSay,
}: {
  label: string;
  value: string;
  /** why something is not taken; null where it is */
  refused?: (typed: string) => PieceNumberRefused | null;
  onSay: (value: string) => void;
}) {
  const [typed, setTyped] = useState<string | null>(null);
  const why = typed === null ? null : (refused?.(typed) ?? null);
  const done = () => {
    // What is not taken stays typed, with its reason.
    if (why !== null) return;
    if (typed !== null && typed !== value) onSay(typed.trim());
    setTyped(null);
  };
  return (
    <View style={{ flexGrow: 1, flexBasis: 220, flexDirection: 'row', alignItems: 'flex-end', gap: 8 }}>
      <Field label={label} value={typed ?? value} onChange={setTyped} onDone={done} most={80} />
      {typed !== null && typed !== value && why === null ? (
        <PlainButton label={say.keep} spoken={`${say.keep}: ${label}`} onPress={done} />
      ) : null}
      {why === null ? null : (
        <Words role="alert" flex={1}>
          {say.numberRefused[why]}
        </Words>
      )}
    </View>
  );
}

/** Pins and needles, counted out and back in. */
function Pins({ piece }: { piece: PieceMade }) {
  const count = (way: 'out' | 'in') => keepRecord((so) => countPins(so, piece.id, way, 1));
  const out = piece.pinsOut - piece.pinsIn;
  return (
    <View style={{ gap: 6 }}>
      <Words fontWeight="600">{say.pins}</Words>
      <Num fontSize={18} aria-live="polite">
        {`${out > 0 ? '! ' : ''}${say.pinsAre(piece.pinsOut, piece.pinsIn)}`}
      </Num>
      <View style={{ flexDirection: 'row', gap: 8 }}>
        <PlainButton label={say.pinsOut} onPress={() => count('out')} />
        <PlainButton label={say.pinsIn} disabled={out === 0} onPress={() => count('in')} />
      </View>
    </View>
  );
}

/** The lot of each material. */
function Lots({ piece, onSay }: { piece: PieceMade; onSay: (lots: PieceMade['lots']) => void }) {
  const { model } = useToy();
  const lines = materialLines(model, materialsOf(model, planOf(model))).filter((l) => l.group !== 'tools');
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 12 }}>
      {lines.map((l) => (
        <Kept
          key={l.key}
          label={say.lot(l.name)}
          value={own(piece.lots, l.key) ?? ''}
          onSay={(lot) => onSay({ ...piece.lots, [l.key]: lot })}
        />
      ))}
    </View>
  );
}

/** Washing, repairs, complaints and remarks, each with its day. */
function Story({ piece }: { piece: PieceMade }) {
  const [what, setWhat] = useState<PieceNote['what']>('washed');
  const [typed, setTyped] = useState('');
  const note = () => {
    if (typed.trim() === '') return;
    const at = new Date().toISOString();
    keepRecord((so) => addNote(so, piece.id, { at, what, words: typed.trim() }));
    setTyped('');
  };
  return (
    <View style={{ gap: 8 }}>
      <Choice
        label={say.happened}
        options={(Object.keys(say.notes) as PieceNote['what'][]).map((id) => ({ id, label: say.notes[id] }))}
        chosen={what}
        onChoose={setWhat}
      />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', alignItems: 'flex-end', gap: 8 }}>
        <Field
          label={say.notes[what]}
          value={typed}
          onChange={setTyped}
          onDone={note}
          placeholder={say.notesPlaceholder}
          most={300}
        />
        <PlainButton label={words.plan.noteIt} disabled={typed.trim() === ''} onPress={note} />
      </View>
      {piece.notes.some((n) => n.what === 'complaint') ? <SameLots piece={piece} /> : null}
      {piece.notes.map((n, i) => (
        <Quiet key={i}>{`${n.at.slice(0, 10)} ${say.notes[n.what]}: ${n.words}`}</Quiet>
      ))}
    </View>
  );
}

/** Where a complaint leads: other pieces with a lot of this one. */
function SameLots({ piece }: { piece: PieceMade }) {
  const { file, model } = useToy();
  const lines = materialLines(model, materialsOf(model, planOf(model)));
  const name = (key: string) => lines.find((l) => l.key === key)?.name ?? key;
  const others = sameLots(file, piece);
  if (others.length === 0) return <Quiet>{say.noSameLot}</Quiet>;
  return (
    <View role="status">
      {others.map((o) => (
        <Words key={o.piece.id} fontWeight="600">
          {say.sameLot(o.piece.number, o.materials.map(name).join(', '))}
        </Words>
      ))}
    </View>
  );
}

/** Signs the piece off, or says what keeps it from that. */
function SignOff({ piece }: { piece: PieceMade }) {
  const c = usePalette();
  const { model, file } = useToy();
  const refusals = signoffRefusals(model, file, piece);
  const sign = () => {
    const at = new Date().toISOString();
    keepRecord((so) => signOff(so, piece, signoffRefusals(model, so, piece), { at, by: piece.maker }) ?? so);
  };
  const practice = practiceTests(model, file).length;
  return (
    <View style={{ gap: 6 }}>
      {piece.signedOff ? (
        <Title>{say.signedBy(piece.signedOff.by, piece.signedOff.at.slice(0, 10))}</Title>
      ) : null}
      {practice > 0 ? <Words fontWeight="600">{recordWords.practice(practice)}</Words> : null}
      {refusals.length > 0 ? (
        <View
          role="status"
          style={{
            gap: 4,
            padding: 12,
            backgroundColor: c.sunk,
            borderLeftWidth: 6,
            borderLeftColor: c.edge,
          }}
        >
          <Words fontWeight="700">{piece.signedOff ? recordWords.notNow : say.refused}</Words>
          {refusals.slice(0, TOLD).map((r, i) => (
            <Words key={i}>{signoffWords(r)}</Words>
          ))}
          {refusals.length > TOLD ? <Quiet>{say.more(refusals.length - TOLD)}</Quiet> : null}
        </View>
      ) : null}
      {piece.signedOff ? null : (
        <View style={{ flexDirection: 'row' }}>
          <PlainButton label={say.signOff} disabled={refusals.length > 0} onPress={sign} />
        </View>
      )}
    </View>
  );
}
