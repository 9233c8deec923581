import { useQuery } from '@tanstack/react-query';
import { View } from 'react-native';
import { Num, Quiet, Sheet, Title, Words } from '../../controls';
import { usePalette } from '../../theme';
import { screenWords as say } from '../../words';

type Piece =
  | { is: 'heading'; words: string }
  | { is: 'text'; words: string }
  | { is: 'table'; head: string[]; rows: string[][] };

const cells = (line: string): string[] =>
  line
    .replace(/^\||\|$/g, '')
    .split('|')
    .map((c) => c.trim());

/** The help as it is written in docs/notation.md: headings, sentences, lists and tables are all it has. What stands in a comment is for those who carry on. */
export function piecesOf(markdown: string): Piece[] {
  const pieces: Piece[] = [];
  for (const line of markdown.replace(/<!--[^]*?-->/g, '').split('\n')) {
    const last = pieces[pieces.length - 1];
    if (line.startsWith('#')) pieces.push({ is: 'heading', words: line.replace(/^#+\s*/, '') });
    else if (/^\|[\s|:-]+\|$/.test(line)) continue;
    else if (line.startsWith('|')) {
      if (last?.is === 'table') last.rows.push(cells(line));
      else pieces.push({ is: 'table', head: cells(line), rows: [] });
    } else if (line.trim() !== '') {
      const item = line.startsWith('- ');
      if (last?.is === 'text' && last.words !== '' && !item) last.words += ` ${line.trim()}`;
      else pieces.push({ is: 'text', words: item ? `• ${line.slice(2).trim()}` : line.trim() });
    } else pieces.push({ is: 'text', words: '' });
  }
  return pieces.filter((p) => p.is === 'table' || p.words !== '');
}

/** How rounds are written: every form with what it takes and makes. It is kept with the app, and needs no network. */
export function NotationSheet({ onClose }: { onClose: () => void }) {
  const help = useQuery({
    queryKey: ['notation'],
    queryFn: async () => piecesOf(await (await fetch('/notation.md')).text()),
  });
  return (
    <Sheet title={say.frame.help} onClose={onClose}>
      {help.isPending ? <Quiet>{say.loading}</Quiet> : null}
      {help.isError ? <Words role="alert">{say.frame.helpGone}</Words> : null}
      {(help.data ?? []).map((piece, k) => (
        <HelpPiece key={k} piece={piece} />
      ))}
    </Sheet>
  );
}

function HelpPiece({ piece }: { piece: Piece }) {
  if (piece.is === 'table') return <Table {...piece} />;
  if (piece.is === 'text') return <Words>{piece.words.replace(/`|\*\*/g, '')}</Words>;
  return (
    <Title role="heading" aria-level={3}>
      {piece.words}
    </Title>
  );
}

/** One table: the forms, and what they take and make. */
function Table({ head, rows }: { head: string[]; rows: string[][] }) {
  const c = usePalette();
  const line = (row: string[], bold: boolean) => (
    <View
      key={row.join('|')}
      style={{
        flexDirection: 'row',
        gap: 10,
        borderTopWidth: 1,
        borderTopColor: c.line,
        paddingVertical: 6,
      }}
    >
      {row.map((words, k) => (
        <View key={k} style={{ flex: k === 0 ? 4 : 1, minWidth: 0 }}>
          {k > 0 && !bold ? (
            <Num>{words}</Num>
          ) : (
            <Words fontWeight={bold ? '700' : '400'}>{words.replace(/`/g, '')}</Words>
          )}
        </View>
      ))}
    </View>
  );
  return (
    <View>
      {line(head, true)}
      {rows.map((row) => line(row, false))}
    </View>
  );
}
