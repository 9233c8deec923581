import { deskReading, keptMeanings, renamed, withPage } from './reading';

const TEXT = `Puffin

Materials
3 mm hook

Body
R1: 6 sc in ring (6)
R2: inc x6 (12)
R3-5: sc around (12)
R6: (sc, dec) x3 (9)
Keep going as you feel.
Fasten off, leave 20 cm.`;

describe('the import desk', () => {
  const desk = deskReading({ text: TEXT, as: {} });
  const row = (line: number) => desk.lines.find((l) => l.line === line)!;

  it('counts what the page holds', () =>
    expect([desk.parts, desk.rounds, desk.faults, desk.kept, desk.unread]).toEqual([1, 6, 1, 1, 1]));
  it('has a row for every line that says something, with what it is', () => {
    expect(desk.lines.map((l) => l.line)).toEqual([1, 3, 4, 6, 7, 8, 9, 10, 11, 12]);
    expect([row(1).kind, row(4).kind, row(6).kind, row(12).kind]).toEqual([
      'title',
      'materials',
      'part',
      'ending',
    ]);
  });
  it('shows the stitches of a round, of a range how many rounds, and what does not add up at its line', () => {
    expect([row(8).made, row(9).made]).toEqual(['12', '12 × 3']);
    expect(row(10)).toMatchObject({
      fault: true,
      says: expect.stringMatching(/3 repeats of \(sc, dec\) use 9 of the 12/),
    });
  });
  it('tells what a line offers', () => {
    expect(row(4).says).toBe('hook 3 mm');
    expect(row(12).says).toBe('comes off the hook; end of 20 cm');
  });
  it('shows what the maker says a line is', () => {
    const said = deskReading({ text: TEXT, as: { 10: 'note' } });
    expect(said.faults).toBe(0);
    expect(said.lines.find((l) => l.line === 10)).toMatchObject({ kind: 'note', byYou: true, fault: false });
  });
  it('offers eyes only where their place is named', () => {
    const with_ = (note: string) => deskReading({ text: `${TEXT}\n${note}`, as: {} }).eyes;
    expect([with_('8 mm eyes between R4 and R5'), with_('put the eyes in'), desk.eyes]).toEqual([
      true,
      false,
      false,
    ]);
  });
  it('says at its line what was taken as likely, and counts these lines', () => {
    const { lines, doubted, faults } = deskReading({
      text: 'Ball\nR1: 6 sc in ring (6)\nR2: 12 (+6)\nR3: sc around (12)\nR4: 4 sc in each st around (48)',
      as: {},
    });
    expect([doubted, faults]).toEqual([2, 0]);
    expect(lines.map((l) => l.doubts)).toEqual([
      '',
      '',
      expect.stringMatching(/spread evenly, as inc x6/),
      '',
      expect.stringMatching(/ruffle/),
    ]);
  });
  it('what only the counts of its round can mean is no doubt', () => {
    const doubted = (round: string) =>
      deskReading({ text: `Ball\nR1: 12 sc in ring (12)\n${round}`, as: {} }).doubted;
    expect(doubted('R2: *sc, inc* repeat 6 times (18)')).toBe(0);
    expect(doubted('R2: *sc, inc* repeat 5 times (18)')).toBe(0);
    expect(doubted('R2: 18 (+6)')).toBe(1);
  });
  it('increases above each other are no doubt of the page', () => {
    const text =
      'Ball\nR1: 6 sc in ring (6)\nR2: inc x6 (12)\nR3: (sc, inc) x6 (18)\nR4: (2 sc, inc) x6 (24)';
    expect(deskReading({ text, as: {} }).doubted).toBe(0);
  });
  it('a sentence behind a round that was not read counts, and several rounds of one line are all shown', () => {
    const text =
      'Body\nR1: 6 sc in ring (6). R2: inc x6 (12).\nR3: sc around (12). Keep working even a while longer.';
    const { lines, unread } = deskReading({ text, as: {} });
    expect(unread).toBe(1);
    expect(lines.map((l) => l.made)).toEqual(['', '6, 12', '12']);
    expect(lines[2]).toMatchObject({ fault: true, says: expect.stringMatching(/not read/) });
  });
});

describe('the page on the desk', () => {
  const draft = { text: 'Wing (make 2)\nR1: 5 sc in ring (5)', as: {} };
  it('a part is renamed in the words of its heading, and stays a part whatever it is called', () => {
    const now = renamed(draft, 1, 'Wing', 'Sew');
    expect(now).toEqual({ text: 'Sew (make 2)\nR1: 5 sc in ring (5)', as: { 1: 'heading' } });
    expect(deskReading(now).reading.parts.map((p) => [p.name, p.make])).toEqual([['Sew', 2]]);
    expect(renamed(draft, 1, 'Wing', ' ')).toEqual(draft);
  });
  it('a file comes behind what is there: nothing typed and no meaning is lost', () => {
    const said = { ...draft, as: { 2: 'note' as const } };
    expect(withPage(said, 'Tail\nR1: 6 sc')).toEqual({
      text: `${draft.text}\n\nTail\nR1: 6 sc`,
      as: { 2: 'note' },
    });
    expect(withPage({ text: ' \n', as: {} }, 'Tail')).toEqual({ text: 'Tail', as: {} });
  });
  it('meanings go with their lines when lines are written above them', () =>
    expect(keptMeanings({ ...draft, as: { 2: 'note' } }, `Title\n${draft.text}`)).toEqual({ 3: 'note' }));
});
