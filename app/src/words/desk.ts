import { plural } from '@hoppla/core/words';

/** The import desk: what is in this page? */
export const desk = {
  open: 'Open a file',
  found: (parts: number, rounds: number) => `${plural(parts, 'part')}, ${plural(rounds, 'round')}`,
  addsUp: 'All rounds add up.',
  faults: (n: number) => `${plural(n, 'round')} to look at: they do not add up`,
  hook: (mm: number) => `Hook ${mm} mm`,
  hookNotKnown: (said: string) => `Hook not known (“${said}”)`,
  noHook: 'No hook named: 3 mm is assumed',
  eyes: (mm: readonly number[]) => `eyes ${mm.join(' and ')} mm`,
  strands: (n: number) => `${n} strands together`,
  kept: (n: number) => `${plural(n, 'line')} kept as notes`,
  unread: (n: number) => `${plural(n, 'line')} not read`,
  allRead: 'Every line was read.',
  draftKept: 'This draft is kept in this browser.',
  look: 'Only what to look at',
  lines: 'What each line became',
  nothing: 'Paste a whole page: title, materials, parts and all. Each line says what it became.',
  meaning: (line: number) => `What line ${line} is`,
  meanings: {
    heading: 'A part',
    round: 'A round',
    note: 'A note',
    assembly: 'At the end',
    remark: 'Only words',
  },
  byYou: 'as you say',
  asRead: 'As it was read',
  lineSays: (line: number, kind: string, text: string) => `Line ${line}, ${kind}: ${text}`,
  eyesTaken: 'Place the eyes that the page names',
  rename: 'Toy called',
  kind: (kind: string, count: string) => (count ? `${kind} ${count}` : kind),
  notText: (name: string) =>
    `“${name}” is no page of text. Open a .txt, .md or .html file, or copy the words out of it and paste them here.`,
};
