import { useRef, useState } from 'react';
import { View } from 'react-native';
import { LINE_MEANINGS, type LineMeaning } from '@hoppla/core/notation';
import { Choice, Field, Num, PlainButton, Press, Quiet, Title, Words } from '../../../controls';
import { usePalette } from '../../../theme';
import { screenWords as say } from '../../../words';
import type { DeskLine } from './reading';

/** Width of the column that says what a line is, px. */
const KIND = 96;

export interface DeskLinesProps {
  lines: readonly DeskLine[];
  /** null takes the maker's meaning back */
  onMean: (line: number, meaning: LineMeaning | null) => void;
  onRename: (line: number, from: string, to: string) => void;
  as: Readonly<Record<number, LineMeaning>>;
}

/** Every line of a page and what it became; a tap gives it another meaning. */
export function DeskLines({ lines, ...rest }: DeskLinesProps) {
  const [chosen, setChosen] = useState<number | null>(null);
  return (
    <View role="list" aria-label={say.desk.lines}>
      {lines.map((line) => (
        <DeskItem
          {...rest}
          key={line.line}
          line={line}
          chosen={line.line === chosen}
          onPress={() => setChosen(line.line === chosen ? null : line.line)}
        />
      ))}
    </View>
  );
}

type DeskItemProps = Omit<DeskLinesProps, 'lines'> & { line: DeskLine; chosen: boolean; onPress: () => void };

/** One line, and below the chosen one what else it could be. */
export function DeskItem({ line, chosen, onPress, onMean, onRename, as }: DeskItemProps) {
  return (
    <View role="listitem">
      <DeskRow line={line} chosen={chosen} onPress={onPress} />
      {chosen ? (
        <Meanings
          line={line}
          now={as[line.line] ?? null}
          onMean={(is) => onMean(line.line, is)}
          onRename={onRename}
        />
      ) : null}
    </View>
  );
}

const QUIET: readonly DeskLine['as'][] = ['remark', 'legend', 'materials', 'assembly'];

/** The words of a line: parts stand out, work is read, what is only told is quiet; below it what it decides or what is wrong. */
function LineWords({ line }: { line: DeskLine }) {
  const c = usePalette();
  const head = line.as === 'heading' || line.as === 'title';
  const quiet = QUIET.includes(line.as);
  return (
    <View style={{ flex: 1, minWidth: 0 }}>
      {head ? <Title>{line.text}</Title> : null}
      {quiet ? <Quiet>{line.text}</Quiet> : null}
      {head || quiet ? null : <Words>{line.text}</Words>}
      {line.says ? (
        <Quiet color={line.fault ? c.coralInk : c.threadInk} fontSize={14}>
          {line.says}
        </Quiet>
      ) : null}
      {line.doubts ? <Doubts words={line.doubts} /> : null}
    </View>
  );
}

/** What was taken as likely: its sign stands beside it, as it is neither wrong nor said by the page. */
function Doubts({ words }: { words: string }) {
  const c = usePalette();
  return (
    <View style={{ flexDirection: 'row', gap: 6 }}>
      <Quiet aria-hidden color={c.ink} fontSize={14} fontWeight="700">
        ?
      </Quiet>
      <Quiet color={c.ink} fontSize={14} flex={1}>
        {words}
      </Quiet>
    </View>
  );
}

function DeskRow({ line, chosen, onPress }: { line: DeskLine; chosen: boolean; onPress: () => void }) {
  const c = usePalette();
  const grounds = [
    [line.fault, c.coralWash],
    [chosen, c.sunk],
  ] as const;
  return (
    <Press
      label={say.desk.lineSays(
        line.line,
        `${line.kind}${line.byYou ? ` ${say.desk.byYou}` : ''}`,
        [`${line.text.replace(/[.]$/, '')}.`, line.says, line.doubts].filter(Boolean).join(' '),
      )}
      chosen={chosen}
      onPress={onPress}
      style={{
        flexDirection: 'row',
        alignItems: 'flex-start',
        gap: 10,
        paddingVertical: 6,
        paddingRight: 10,
        borderTopWidth: line.as === 'heading' ? 2 : 1,
        borderTopColor: line.as === 'heading' ? c.edge : c.line,
        backgroundColor: grounds.find(([is]) => is)?.[1],
      }}
    >
      <View
        style={{
          width: KIND,
          paddingLeft: 8,
          borderLeftWidth: 4,
          borderLeftColor: line.fault ? c.coral : 'transparent',
        }}
      >
        <Quiet fontSize={14} color={line.fault ? c.coralInk : c.ink2} fontWeight={line.byYou ? '700' : '400'}>
          {line.kind}
        </Quiet>
      </View>
      <LineWords line={line} />
      {line.made ? (
        <Num fontSize={16} lineHeight={22} paddingTop={1} color={line.fault ? c.coralInk : c.ink}>
          {line.made}
        </Num>
      ) : null}
    </Press>
  );
}

function Meanings({
  line,
  now,
  onMean,
  onRename,
}: {
  line: DeskLine;
  now: LineMeaning | null;
  onMean: (meaning: LineMeaning | null) => void;
  onRename: DeskLinesProps['onRename'];
}) {
  const c = usePalette();
  return (
    <View style={{ padding: 12, gap: 8, backgroundColor: c.sunk }}>
      {line.name === null ? null : (
        <NameOfPart name={line.name} onRename={(from, to) => onRename(line.line, from, to)} />
      )}
      <Choice
        label={say.desk.meaning(line.line)}
        options={LINE_MEANINGS.map((id) => ({ id, label: say.desk.meanings[id] }))}
        chosen={now}
        onChoose={onMean}
      />
      {line.name === null ? null : <Quiet>{say.desk.joinParts}</Quiet>}
      {now ? <PlainButton label={say.desk.asRead} onPress={() => onMean(null)} /> : null}
    </View>
  );
}

/** The name of a part, changed as it is typed; while it is empty the old one stays. */
function NameOfPart({ name, onRename }: { name: string; onRename: (from: string, to: string) => void }) {
  const [typed, setTyped] = useState<string | null>(null);
  // The page is read a little later than it is typed: what stands in it is what was written last.
  const written = useRef(name);
  const type = (to: string) => {
    setTyped(to);
    if (to.trim() === '') return;
    onRename(written.current, to);
    written.current = to;
  };
  return <Field label={say.desk.rename} value={typed ?? name} onChange={type} />;
}
