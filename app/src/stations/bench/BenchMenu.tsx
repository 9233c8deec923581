import { decimals } from '@hoppla/core/words';
import { useEffect, useState } from 'react';
import { PlainButton, Quiet, Sheet, Words } from '../../controls';
import { roomKept, useNewVersion, type Shelved } from '../../documents';
import { KeysSheet } from '../frame/KeysSheet';
import { screenWords as say } from '../../words';
import type { Deeds } from './useDeeds';
import { MakerSheet } from './MakerSheet';

/** What else the Bench has: how its maker works, the whole bench as a file, keys, how much room is left. */
export function BenchMenu({
  toys,
  deeds,
  onClose,
}: {
  toys: readonly Shelved[];
  deeds: Deeds;
  onClose: () => void;
}) {
  const [open, setOpen] = useState<'maker' | 'keys' | null>(null);
  const [room, setRoom] = useState<Awaited<ReturnType<typeof roomKept>>>(null);
  const isNew = useNewVersion();
  useEffect(() => {
    let gone = false;
    void roomKept().then((found) => !gone && setRoom(found));
    return () => {
      gone = true;
    };
  }, []);
  if (open === 'maker') return <MakerSheet onClose={onClose} />;
  if (open === 'keys') return <KeysSheet onClose={onClose} />;
  return (
    <Sheet title={say.bench.title} onClose={onClose}>
      {isNew ? (
        <>
          <Words fontWeight="600">{say.bench.newVersion}</Words>
          <PlainButton label={say.bench.takeNew} onPress={() => window.location.reload()} />
        </>
      ) : null}
      <PlainButton label={say.maker.title} onPress={() => setOpen('maker')} />
      <PlainButton
        label={say.bench.printAll}
        disabled={toys.length === 0}
        onPress={() => (deeds.printAll(), onClose())}
      />
      <PlainButton
        label={say.bench.backup}
        disabled={toys.length === 0}
        onPress={() => (deeds.backUp(), onClose())}
      />
      <PlainButton label={say.frame.keys} onPress={() => setOpen('keys')} />
      {room ? (
        <Quiet>
          {`${say.bench.room(megabytes(room.used), megabytes(room.most))} ${room.stays ? say.bench.stays : say.bench.mayGo}`}
        </Quiet>
      ) : null}
    </Sheet>
  );
}

const megabytes = (bytes: number): string =>
  bytes >= 1e9 ? `${decimals(bytes / 1e9, 1)} GB` : `${decimals(bytes / 1e6, 1)} MB`;
