import { useState } from 'react';
import { View } from 'react-native';
import { piecesOf, reject, setStage, type BatchAhead } from '@hoppla/core/batch';
import type { Batch, PieceMade } from '@hoppla/core/toy';
import { batchWords } from '@hoppla/core/words';
import { Field, PlainButton, Press, Quiet, Title, Toggle, Words } from '../../controls';
import { keepRecord, newId } from '../../documents';
import { usePalette } from '../../theme';
import { useToy } from '../frame/useToy';
import { screenWords } from '../../words';

const say = screenWords.batch;

/** The pieces of a batch with their stages as a small grid; opened, a piece's stages are ticked, or it is put aside. */
export function BatchPieces({ batch, ahead }: { batch: Batch; ahead: BatchAhead }) {
  const { file } = useToy();
  const [open, setOpen] = useState<string | null>(null);
  const aside = file.pieces.filter((p) => p.batch === batch.id && p.rejected !== null);
  return (
    <View style={{ gap: 6 }}>
      <Title role="heading" aria-level={3}>
        {say.pieces}
      </Title>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {piecesOf(file, batch.id).map((piece) => (
          <Piece
            key={piece.id}
            piece={piece}
            ahead={ahead}
            open={open === piece.id}
            onOpen={() => setOpen(open === piece.id ? null : piece.id)}
          />
        ))}
      </View>
      {aside.map((p) => (
        <Quiet key={p.id}>{say.rejected(p.number, p.rejected ?? '')}</Quiet>
      ))}
    </View>
  );
}

/** One piece: its number and a box a stage. */
function Piece({
  piece,
  ahead,
  open,
  onOpen,
}: {
  piece: PieceMade;
  ahead: BatchAhead;
  open: boolean;
  onOpen: () => void;
}) {
  const c = usePalette();
  const done = ahead.stages.filter((s) => s.id in piece.stages).length;
  const name = say.piece(piece.number, piece.way);
  return (
    <View
      style={{
        flexGrow: open ? 1 : 0,
        flexBasis: open ? '100%' : 'auto',
        borderWidth: 1.5,
        borderColor: open ? c.ink : c.edge,
        borderRadius: 4,
        padding: 6,
        gap: 8,
      }}
    >
      <Press label={`${name}: ${say.grid(done, ahead.stages.length)}`} onPress={onOpen} style={{ gap: 4 }}>
        <Words fontSize={15} fontWeight="600">
          {name}
        </Words>
        <View style={{ flexDirection: 'row', gap: 2 }} aria-hidden>
          {ahead.stages.map((s) => (
            <View
              key={s.id}
              style={{
                width: 12,
                height: 12,
                borderWidth: 1.5,
                borderColor: c.ink,
                backgroundColor: s.id in piece.stages ? c.ink : c.paper,
              }}
            />
          ))}
        </View>
      </Press>
      {open ? <Opened piece={piece} ahead={ahead} /> : null}
    </View>
  );
}

function Opened({ piece, ahead }: { piece: PieceMade; ahead: BatchAhead }) {
  const [why, setWhy] = useState('');
  const at = () => new Date().toISOString();
  return (
    <View style={{ gap: 8 }}>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {ahead.stages.map((s) => (
          <Toggle
            key={s.id}
            label={batchWords.stages[s.id]}
            on={s.id in piece.stages}
            disabled={piece.making !== null}
            onChange={(on) => keepRecord((so) => setStage(so, piece.id, s.id, on ? at() : null))}
          />
        ))}
      </View>
      {piece.making === null ? null : <Quiet>{say.follows}</Quiet>}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', alignItems: 'flex-end', gap: 8 }}>
        <Field label={say.rejectWhy} value={why} onChange={setWhy} most={200} />
        <PlainButton
          label={say.reject}
          disabled={why.trim() === ''}
          onPress={() => keepRecord((so) => reject(so, piece.id, why.trim(), { newId, at: at() }))}
        />
      </View>
    </View>
  );
}
