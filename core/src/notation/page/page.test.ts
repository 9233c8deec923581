import { read } from '../index';
import { factsWords } from './sentences';

const kinds = (text: string) =>
  read(text)
    .page.filter((l) => l.as !== 'blank')
    .map((l) => l.as);
const parts = (text: string) => read(text).parts.map((p) => [p.name, p.rounds.map((r) => r.made)]);
const ROUNDS = 'R1: 6 sc in ring (6)\nR2: inc x6 (12)';

describe('headings are headings because of what follows', () => {
  it.each<[line: string, wanted: object]>([
    ['STEP ONE: THE HEAD', { name: 'THE HEAD', make: 1 }],
    ['CLAW x2 rust', { name: 'CLAW', make: 2, colour: 'rust' }],
    ['BODY rust', { name: 'BODY', colour: 'rust' }],
    [
      'BODY\tmake 3\t1 red, 1 navy, 1 mustard',
      { name: 'BODY', make: 3, copyColours: ['red', 'navy', 'mustard'] },
    ],
    ['Arm (make 2: one pink, one brown)', { name: 'Arm', make: 2, copyColours: ['pink', 'brown'] }],
    ['Head, body and tail', { name: 'Head, body and tail' }],
    ['Two ears', { name: 'ears', make: 2 }],
    ['## Ears (2, cream)', { name: 'Ears', make: 2, colour: 'cream' }],
    ['HEAD AND BODY (in A, from the top of the head down)', { name: 'HEAD AND BODY', ringIs: 'crown' }],
    ['Body and tail fin (start in teal, at the mouth)', { ringIs: 'mouth', colour: 'teal' }],
    ['Fins (make 2, coral, 3 mm hook)', { name: 'Fins', make: 2, colour: 'coral', hookMm: 3 }],
    ['Ear - black - make 2', { name: 'Ear', make: 2, colour: 'black' }],
    ['Feet, make four', { name: 'Feet', make: 4 }],
  ])('%s', (line, wanted) => expect(read(`A toy\n\n${line}\n${ROUNDS}`).parts).toMatchObject([wanted]));

  it('work that goes on under words of its own stays the same part', () => {
    expect(parts(`TOWER\n${ROUNDS}\nGallery\nR3: sc around (12)\nNow the roof:\nR4: dec x6 (6)`)).toEqual([
      ['TOWER', [6, 12, 12, 6]],
    ]);
  });
  it('rounds that end with “around” end there, however long their colours make them', () => {
    const striped = 'R3: with berry: sc around\nR4: with sand: sc around\nR5-6: using moss green: sc around';
    expect(parts(`Body\n${ROUNDS}\n${striped}`)).toEqual([['Body', [6, 12, 12, 12, 12, 12]]]);
  });
  it('a colour by itself is no part, and a part may be called as a colour', () => {
    expect(parts(`Paw\nBlack:\n${ROUNDS}\nFasten off.\n\nRose\n${ROUNDS}`)).toEqual([
      ['Paw', [6, 12]],
      ['Rose', [6, 12]],
    ]);
  });
  it('a title, a list and a legend are no parts', () => {
    const text = `Merle\n\nMaterials\n- DK cotton\n- hook G (4 mm)\n\nAbbreviations\nsc = single crochet\n\nHead\n${ROUNDS}`;
    expect(read(text)).toMatchObject({ title: 'Merle', hook: { mm: 4 }, parts: [{ name: 'Head' }] });
    expect(kinds(text).slice(0, 6)).toEqual([
      'title',
      'materials',
      'materials',
      'materials',
      'legend',
      'legend',
    ]);
  });
});

describe('stitches with their counts are no list of parts', () => {
  it.each(['2 sc, BPdc (3)', '2 sc, 1 FPsc (3)', '1 dc, 2 FPdc (3)', '2 ch, 1 dc (3)'])('%s', (round) => {
    expect(parts(`Ears (2x)\nR1: 3 sc in ring (3)\nR2-3: sc around = 3\n${round}\nch 4, 3 sc (7)`)).toEqual([
      ['Ears', [3, 3, 3, 3, 7]],
    ]);
  });
  it('names with their counts are', () => {
    expect(parts(`Arms (2x) and legs (2x)\n${ROUNDS}`)).toEqual([['Arms and legs', [6, 12]]]);
  });
});

describe('every line is something', () => {
  it('says so where it sounds like work and was not read', () => {
    const {
      page,
      parts: [part],
    } = read(`Head\n${ROUNDS}\nKeep going round, decreasing as you feel.\nI like this part.`);
    expect(page.map((l) => l.as)).toEqual(['heading', 'round', 'round', 'unread', 'remark']);
    expect(part.rounds).toHaveLength(2);
  });
  it('tells a page number, a link and a copyright apart from the work', () => {
    expect(
      kinds(`Head\n${ROUNDS}\n2\n© please don't share this\nwww.example.org\nR3: sc around (12)`),
    ).toEqual(['heading', 'round', 'round', 'remark', 'remark', 'remark', 'round']);
  });
  it('gathers what a page has wrapped, also where a word is broken', () => {
    const text = `Head\nR1: 6 sc in ring (6)\nR2: fold and sc through both lay-\ners (3)\nStuff the body firmly now, but leave the bot-\ntom flat so that it sits.`;
    const {
      page,
      parts: [part],
    } = read(text);
    expect(part.rounds.map((r) => r.made)).toEqual([6, 3]);
    expect(part.firmness).toBe('firm');
    expect(page.map((l) => l.goesOn)).toEqual([false, false, false, true, false, true]);
  });
  it('does what the maker says a line is', () => {
    const text = `Head\n${ROUNDS}\nsc around (12)\nCrest\n6 sc in ring`;
    expect(read(text, { as: { 4: 'note' } }).parts[0].rounds).toHaveLength(2);
    expect(read(text, { as: { 5: 'heading' } }).parts.map((p) => p.name)).toEqual(['Head', 'Crest']);
    expect(read(text, { as: { 4: 'assembly' } }).page[3]).toMatchObject({ as: 'assembly', part: null });
  });
});

describe('rounds that repeat, go on and change their colour', () => {
  const made = (text: string) => read(`Head\n${text}`).parts[0].rounds.map((r) => r.made);
  const BASE =
    'R1: 6 sc in ring (6)\nR2: inc x6 (12)\nR3: (sc, inc) x6 (18)\nR4: (2 sc, inc) x6 (24)\nR5: sc around (24)';
  it.each<[line: string, more: number[]]>([
    ['R6: same as round 5', [24]],
    ['R6: As Rnd 5.', [24]],
    ['R6-8: Rep rnd 5 - 24 sc.', [24, 24, 24]],
    ['Repeat round 5 two more times.', [24, 24]],
    ['repeat the last round 3 times', [24, 24, 24]],
    ['sc around for the next 3 rounds (24)', [24, 24, 24]],
    ['3 rounds even', [24, 24, 24]],
    ['5 rounds: sc around', [24, 24, 24, 24, 24]],
    ['work even for 2 rounds', [24, 24]],
    ['R6: (2 sc, dec) x6 (18)\nKeep decreasing until 6 remain.', [18, 12, 6]],
    ['R6: dec around until 12 remain', [12]],
    ['R6: sc around. Do this for 3 rounds. (24)', [24, 24, 24]],
    ['R6: sc around (24). Repeat this round 2 more times.', [24, 24, 24]],
    ['Work 4 more rounds like this.', [24, 24, 24, 24]],
    ['Do 3 rounds of sc (24)', [24, 24, 24]],
    ['Rounds 6 through 8: the same.', [24, 24, 24]],
    ['R6-8: no change (24)', [24, 24, 24]],
    ['Next round: (2 sc, dec) x6 (18)', [18]],
    // an end that is no count is told, and worked by nobody
    ['Repeat last round until piece measures 5 cm.', []],
    ['Stuff the head. Continue decreasing until 6 remain.', []],
  ])('%s', (line, more) => expect(made(`${BASE}\n${line}`).slice(5)).toEqual(more));

  it('repeated rounds are true copies: colours and loops are their own', () => {
    const [part] = read(
      'Fish\nR1: 12 sc in ring (12)\nR2: with cream: sc around (12)\nR3: with teal: BLO: sc around (12)\nRepeat rounds 2-3 two more times.',
    ).parts;
    const colours = part.rounds
      .map((r) => r.items.find((i) => i.type === 'sign'))
      .map((i) => i && 'colour' in i && i.colour);
    expect(colours).toEqual([undefined, 'cream', 'teal', 'cream', 'teal', 'cream', 'teal']);
    expect(part.freeLoops.map((f) => f.round)).toEqual([1, 3, 5]);
  });
  it('a sentence behind a round that sounds like work and was not read is told at its place', () => {
    const text = 'Head\nR1: 6 sc in ring (6)\nR2: inc x6 (12). Keep working even a while longer.';
    const [told] = read(text).parts[0].problems;
    expect(told).toMatchObject({ severity: 'note', message: 'This sounds like work and is not read.' });
    expect(text.slice(told.span.from, told.span.to)).toBe('Keep working even a while longer.');
  });
  it('fewer rounds than the labels say is never silent', () => {
    const { problems } = read('Head\nR1: 6 sc in ring (6)\nR2-9: blarg (6)').parts[0];
    expect(problems.map((p) => p.code)).toContain('unknown-word');
  });
});

describe('several rounds in one line', () => {
  const TEXT =
    'Body\nRound 1: 6 sc in ring (6). Round 2: inc x6 (12). Rounds 3-5: sc around (12). Stuff.\nR6: dec x6 (7); R7: 6 sc (6)';
  const [part] = read(TEXT).parts;
  it('are each a round of their own, with their own place in the line', () => {
    expect(part.rounds.map((r) => [r.label, r.line, r.nth, r.made])).toEqual([
      ['R1', 2, 0, 6],
      ['R2', 2, 1, 12],
      ['R3', 2, 2, 12],
      ['R4', 2, 3, 12],
      ['R5', 2, 4, 12],
      ['R6', 3, 0, 6],
      ['R7', 3, 1, 6],
    ]);
    expect(part.pauses).toEqual([{ round: 5, stitch: null, what: 'stuff' }]);
  });
  it('are mended where they stand', () => {
    const fault = part.problems.find((p) => p.code === 'count-mismatch')!;
    expect(TEXT.slice(fault.span.from, fault.span.to)).toBe('dec x6');
    const count = fault.mends.at(-1)!.changes[0];
    expect([TEXT.slice(count.from, count.to), count.insert]).toEqual(['7', '6']);
  });
});

describe('pauses and ends stand where the text has them', () => {
  it('inside a round, too', () => {
    const { pauses } = read(
      'Body\nR1: 12 sc in ring (12)\nR2: dec x6 (6). Stop after the first 8 stitches of this round and fill the belly.',
    ).parts[0];
    expect(pauses).toEqual([{ round: 2, stitch: 8, what: 'stuff' }]);
  });
  it('a part that says nothing of its end says so', () => {
    expect(read(`Head\n${ROUNDS}`).parts[0].end).toEqual({ how: 'not known', count: null });
  });
});

it('what is offered is told in words', () => {
  const { page } = read(
    'Head\nR1: 6 sc in ring (6)\nInsert 8 mm eyes between R1 and R2, 3 between. Fasten off, leave 20 cm.',
  );
  expect(factsWords(page[2].facts)).toBe(
    'eyes, 8 mm, between R1 and R2, 3 between; comes off the hook; end of 20 cm',
  );
});
