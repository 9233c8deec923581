import { type SetStateAction, type Dispatch } from 'react';
import { useState } from 'react';
import { View } from 'react-native';
import { freeCopies, usualJoin } from '@hoppla/core/join';
import { setJoin } from '@hoppla/core/toy';
import { type PartModel } from '@hoppla/core/model';
import { MainAction, PlainButton, Sheet, Words } from '../../controls';
import { edit, newId } from '../../documents';
import { useToy } from '../frame/useToy';
import { screenWords as words } from '../../words';

const say = words.joins;

/** Which part on which: the place is the usual one and is fine-tuned on the mat. */
export function AttachSheet({ onClose, onAdded }: { onClose: () => void; onAdded: (id: string) => void }) {
  const { model } = useToy();
  const [guest, setGuest] = useState<string | null>(null);
  const [host, setHost] = useState<string | null>(null);
  const parts = model.parts.filter((p) => p.fabric.rounds.length > 0);
  const free = (p: PartModel) => freeCopies(model.toy.joins, p.copies);
  const guests = parts.filter((p) => free(p).length > 0);
  const name = (p: PartModel) => (free(p).length > 1 ? say.pair(p.name) : p.name);
  const chosenGuest = guests.find((p) => p.part.id === guest) ?? null;
  const hosts = parts.filter((p) => p !== chosenGuest);
  const chosenHost = hosts.find((p) => p.part.id === host) ?? null;
  const attach = () => {
    const piece = model.pieces.find((p) => p.part === chosenHost?.part.id);
    if (!chosenGuest || !chosenHost || !piece) return;
    const join = usualJoin(piece, { part: chosenGuest.part.id, free: free(chosenGuest) }, newId());
    edit(say.attach(chosenGuest.name, chosenHost.name), { station: 'joins', join: join.id }, (toy) =>
      setJoin(toy, join),
    );
    onAdded(join.id);
    onClose();
  };
  return (
    <Sheet
      title={say.add}
      onClose={onClose}
      foot={
        <MainAction
          label={
            chosenGuest && chosenHost ? say.attach(name(chosenGuest), chosenHost.name.toLowerCase()) : say.add
          }
          disabled={!chosenGuest || !chosenHost}
          onPress={attach}
        />
      }
    >
      <Words fontWeight="600">{say.guest}</Words>
      <GuestChoice guests={guests} name={name} chosenGuest={chosenGuest} setGuest={setGuest} />
      {chosenGuest ? <HostChoice hosts={hosts} chosenHost={chosenHost} setHost={setHost} /> : null}
    </Sheet>
  );
}

/** What it is sewn to. */
function HostChoice({
  hosts,
  chosenHost,
  setHost,
}: {
  hosts: PartModel[];
  chosenHost: PartModel | null;
  setHost: Dispatch<SetStateAction<string | null>>;
}) {
  return (
    <>
      <Words fontWeight="600">{say.host}</Words>
      <View
        role="radiogroup"
        aria-label={say.host}
        style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}
      >
        {hosts.map((p) => (
          <PlainButton
            key={p.part.id}
            label={p.name}
            chosen={p === chosenHost}
            onPress={() => setHost(p.part.id)}
          />
        ))}
      </View>
    </>
  );
}

/** Which part is sewn on. */
function GuestChoice({
  guests,
  name,
  chosenGuest,
  setGuest,
}: {
  guests: PartModel[];
  name: (p: PartModel) => string;
  chosenGuest: PartModel | null;
  setGuest: Dispatch<SetStateAction<string | null>>;
}) {
  return (
    <View role="radiogroup" aria-label={say.guest} style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
      {guests.map((p) => (
        <PlainButton
          key={p.part.id}
          label={name(p)}
          chosen={p === chosenGuest}
          onPress={() => setGuest(p.part.id)}
        />
      ))}
    </View>
  );
}
