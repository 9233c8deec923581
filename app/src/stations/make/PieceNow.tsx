import { useEffect } from 'react';
import { View } from 'react-native';
import { followed, freePiece, pieceOfMaking, setMaking } from '@hoppla/core/batch';
import { planOf } from '@hoppla/core/plan';
import type { Progress } from '@hoppla/core/record';
import { batchWords } from '@hoppla/core/words';
import { PlainButton, Quiet } from '../../controls';
import { keepRecord } from '../../documents';
import { useToy } from '../frame/useToy';
import { screenWords } from '../../words';

const say = screenWords.batch;

/** Which piece of a batch this making is: its stages follow what is ticked here. */
export function PieceNow({ progress: { making } }: { progress: Progress }) {
  const { file, model, writing } = useToy();
  const piece = pieceOfMaking(file, making);
  const batch = file.batches.find((b) => b.id === piece?.batch) ?? file.batches.at(-1);
  useEffect(() => {
    if (writing && piece) keepRecord((so) => followed(so, planOf(model), new Date().toISOString()));
  }, [writing, piece, model, file.log]);
  const next = batch ? freePiece(file, batch) : null;
  if (!batch || !(piece ?? next)) return null;
  const name = batch.name || batchWords.unnamed;
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: 8 }}>
      {piece ? <Quiet>{say.isPiece(say.piece(piece.number, piece.way), name)}</Quiet> : null}
      <PlainButton
        label={piece ? say.isNone : say.takePiece(say.piece(next!.number, next!.way), name)}
        disabled={!writing}
        onPress={() => keepRecord((so) => setMaking(so, (piece ?? next)!.id, piece ? null : making))}
      />
    </View>
  );
}
