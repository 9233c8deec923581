import { useState } from 'react';
import { View } from 'react-native';
import { fileName, testsCsv } from '@hoppla/core/files';
import { addPiece } from '@hoppla/core/record';
import { MainAction, PlainButton, Quiet, Scroll } from '../../controls';
import { download, keepRecord, newId } from '../../documents';
import { useToy } from '../frame/useToy';
import { screenWords as words } from '../../words';
import { PieceCard } from './PieceCard';
import { useColumn } from './useColumn';

const say = words.safety;

/** Every piece that was made: number, lots, pins, what happened to it, its tests, and whether it is signed off. */
export function PiecesView() {
  const column = useColumn();
  const { file, model, toy } = useToy();
  const [open, setOpen] = useState<string | null>(file.pieces.at(-1)?.id ?? null);
  const add = () => {
    const id = newId();
    keepRecord((so) =>
      addPiece(so, { id, at: new Date().toISOString(), maker: so.pieces.at(-1)?.maker ?? '' }),
    );
    setOpen(id);
  };
  return (
    <>
      <Scroll contentContainerStyle={{ ...column, padding: 16, gap: 12 }}>
        {file.pieces.length === 0 ? <Quiet>{say.noPieces}</Quiet> : null}
        {file.pieces.map((piece) => (
          <PieceCard
            key={piece.id}
            piece={piece}
            open={open === piece.id}
            onOpen={() => setOpen(open === piece.id ? null : piece.id)}
          />
        ))}
        {file.pullTests.length > 0 ? (
          <View style={{ flexDirection: 'row' }}>
            <PlainButton
              label={say.saveTests}
              onPress={() =>
                download(fileName(`${toy.name} tests`, 'csv'), 'text/csv', testsCsv(model, file))
              }
            />
          </View>
        ) : null}
      </Scroll>
      <View style={{ ...column, padding: 16, paddingTop: 8, flexDirection: 'row', gap: 8 }}>
        <MainAction label={say.newPieceOf} onPress={add} />
      </View>
    </>
  );
}
