import { useState } from 'react';
import { View } from 'react-native';
import { attachedTo, testRule, testsOf, type Attached } from '@hoppla/core/safety';
import { lastTest, loadSaid, testOf, thingName } from '@hoppla/core/record';
import type { TestKind } from '@hoppla/core/toy';
import { recordWords } from '@hoppla/core/words';
import { Num, PlainButton, Quiet, Scroll, Title, Words } from '../../controls';
import { usePalette } from '../../theme';
import { useToy } from '../frame/useToy';
import { screenWords as words } from '../../words';
import { PullBench } from './PullBench';
import { useColumn } from './useColumn';

const say = words.safety;

/** What is fixed on, and how each of its tests came out the last time. */
export function TestsView() {
  const column = useColumn();
  const { model } = useToy();
  const [open, setOpen] = useState<{ thing: Attached; kind: TestKind } | null>(null);
  const things = attachedTo(model);
  return (
    <Scroll contentContainerStyle={{ ...column, padding: 16, gap: 10 }}>
      <Quiet>{things.length === 0 ? say.nothing : say.thingsHow}</Quiet>
      {things.map((thing) => (
        <View key={thing.key} style={{ gap: 4 }}>
          <Title role="heading" aria-level={2}>
            {upper(thingName(thing))}
          </Title>
          {testsOf(thing).map((kind) => (
            <TestRow key={kind} thing={thing} kind={kind} onTry={() => setOpen({ thing, kind })} />
          ))}
        </View>
      ))}
      {open ? <PullBench {...open} onClose={() => setOpen(null)} /> : null}
    </Scroll>
  );
}

const upper = (words_: string): string => words_[0].toUpperCase() + words_.slice(1);

/** One test: what it asks, and how it came out. */
function TestRow({ thing, kind, onTry }: { thing: Attached; kind: TestKind; onTry: () => void }) {
  const c = usePalette();
  const { model, file } = useToy();
  const { target } = testRule(model, thing, kind);
  const last = lastTest(file, thing.key, kind);
  const state = testOf(file, thing, kind, target);
  const told = {
    held: last ? say.held(loadSaid(last.rule.target, kind)) : '',
    'let go': last ? say.letGo(loadSaid(last.peak, kind)) : '',
    missing: say.missing,
  }[state];
  const sign = { held: '✓', 'let go': '✕', missing: '?' }[state];
  return (
    <View
      style={{
        flexDirection: 'row',
        alignItems: 'center',
        gap: 10,
        paddingVertical: 8,
        paddingLeft: 10,
        borderLeftWidth: 6,
        borderLeftColor: state === 'let go' ? c.coral : c.edge,
        backgroundColor: state === 'let go' ? c.coralWash : c.paper,
      }}
    >
      <View style={{ flex: 1, minWidth: 0 }}>
        <Words fontWeight="600">{`${upper(recordWords.kinds[kind])} ${loadSaid(target, kind)}`}</Words>
        <Num fontSize={16}>{`${sign} ${told}`}</Num>
      </View>
      <PlainButton
        label={say.run}
        spoken={`${say.run}: ${recordWords.kinds[kind]}, ${thingName(thing)}`}
        onPress={onTry}
      />
    </View>
  );
}
