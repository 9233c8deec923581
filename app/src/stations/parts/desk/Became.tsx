import { lazy, Suspense, useState } from 'react';
import { ScrollView, View } from 'react-native';
import { Quiet, Title, Toggle, Words } from '../../../controls';
import type { Draft } from '../../../documents';
import { usePalette } from '../../../theme';
import { screenWords as say } from '../../../words';
import { DeskLines } from './DeskLines';
import type { DeskReading } from './reading';

/** A page of more lines draws only those that are seen; what draws them is loaded then. */
const MANY = 250;
const LongLines = lazy(async () => ({ default: (await import('./LongLines')).LongLines }));

interface BecameProps {
  found: DeskReading;
  draft: Draft;
  eyes: boolean;
  onEyes: (eyes: boolean) => void;
  onMean: (line: number, meaning: Draft['as'][number] | null) => void;
  onRename: (line: number, from: string, to: string) => void;
}

/** What the page holds, and what each of its lines became. */
export function Became({ found, draft, eyes, onEyes, onMean, onRename }: BecameProps) {
  const c = usePalette();
  const [only, setOnly] = useState(false);
  const toLookAt = found.lines.filter((l) => l.fault || l.doubts);
  const shown = only && toLookAt.length > 0 ? toLookAt : found.lines;
  const choices = (
    <View
      style={{
        flexDirection: 'row',
        flexWrap: 'wrap',
        gap: 8,
        paddingVertical: found.eyes || toLookAt.length ? 8 : 0,
      }}
    >
      {toLookAt.length > 0 ? <Toggle label={say.desk.look} on={only} onChange={setOnly} /> : null}
      {found.eyes ? <Toggle label={say.desk.eyesTaken} on={eyes} onChange={onEyes} /> : null}
    </View>
  );
  const lines = { lines: shown, as: draft.as, onMean, onRename };
  if (shown.length > MANY)
    return (
      <View style={{ flex: 1, minHeight: 0, gap: 4 }}>
        <Holds found={found} />
        {choices}
        <Suspense fallback={<View style={{ flex: 1 }} />}>
          <LongLines {...lines} />
        </Suspense>
      </View>
    );
  return (
    <View style={{ flex: 1, minHeight: 0, gap: 4 }}>
      <Holds found={found} />
      <ScrollView
        {...({ tabIndex: 0 } as object)}
        keyboardShouldPersistTaps="handled"
        style={{ flex: 1, borderTopWidth: 2, borderTopColor: c.edge, backgroundColor: c.paper }}
      >
        {choices}
        <DeskLines {...lines} />
      </ScrollView>
    </View>
  );
}

/** How much the page holds, whether it adds up, what it is made with. */
function Holds({ found }: { found: DeskReading }) {
  const c = usePalette();
  return (
    <View aria-live="polite" style={{ gap: 2 }}>
      <Title>{say.desk.found(found.parts, found.rounds)}</Title>
      <Words color={found.faults ? c.coralInk : c.ink} fontWeight="600">
        {found.faults ? say.desk.faults(found.faults) : say.desk.addsUp(found.unread)}
      </Words>
      <Quiet>{factsOf(found).join(' · ')}</Quiet>
    </View>
  );
}

/** `Hook 3.75 mm`, `eyes 10 mm`, `9 lines kept as notes`, `1 line not read`. */
function factsOf({ reading, kept, unread, doubted }: DeskReading): string[] {
  const { eyesMm, strands } = reading.materials;
  const { hook } = reading;
  const part = reading.parts.map((p) => p.hookMm).find((mm) => mm !== null) ?? null;
  const known = hook?.mm ?? part;
  return [
    known === null ? unknownHook(hook) : say.desk.hook(known),
    ...(strands > 1 ? [say.desk.strands(strands)] : []),
    ...(eyesMm.length ? [say.desk.eyes(eyesMm)] : []),
    ...(kept ? [say.desk.kept(kept)] : []),
    unread ? say.desk.unread(unread) : say.desk.allRead,
    ...(doubted ? [say.desk.doubted(doubted)] : []),
  ];
}

const unknownHook = (hook: DeskReading['reading']['hook']): string =>
  hook ? say.desk.hookNotKnown(hook.said) : say.desk.noHook;
