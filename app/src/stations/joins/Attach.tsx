import { View } from 'react-native';
import type { Joinable } from '@hoppla/core/model';
import { Choice, Quiet } from '../../controls';
import { screenWords as words } from '../../words';

const say = words.joins;

/** What a part that can be attached is called: of several free copies a pair. */
export const joinableName = ({ part, free }: Joinable): string =>
  free.length > 1 ? say.pair(part.name) : part.name;

/** Which part on which: the usual host is chosen already; its place is the usual one and is moved afterwards. */
export function Attach({
  all,
  guest,
  host,
  onGuest,
  onHost,
}: {
  all: readonly Joinable[];
  guest: Joinable;
  host: string | null;
  onGuest: (part: string) => void;
  onHost: (part: string) => void;
}) {
  return (
    <View style={{ gap: 12 }}>
      <Choice
        label={say.guest}
        options={all.map((j) => ({ id: j.part.part.id, label: joinableName(j) }))}
        chosen={guest.part.part.id}
        onChoose={onGuest}
      />
      <Choice
        label={say.host}
        options={guest.hosts.map((p) => ({ id: p.part.id, label: p.name }))}
        chosen={host}
        onChoose={onHost}
      />
      <Quiet>{say.noneHow}</Quiet>
    </View>
  );
}
