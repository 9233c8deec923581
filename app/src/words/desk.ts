import { plural } from '@hoppla/core/words';

/** The import desk: what is in this page? */
export const desk = {
  open: 'Open a file',
  found: (parts: number, rounds: number) => `${plural(parts, 'part')}, ${plural(rounds, 'round')}`,
  addsUp: (unread: number) => (unread ? 'All rounds that were read add up.' : 'All rounds add up.'),
  faults: (n: number) => `${plural(n, 'round')} to look at: they do not add up`,
  hook: (mm: number) => `Hook ${mm} mm`,
  hookNotKnown: (said: string) => `Hook not known (“${said}”)`,
  noHook: 'No hook named: 3 mm is assumed',
  eyes: (mm: readonly number[]) => `eyes ${mm.join(' and ')} mm`,
  strands: (n: number) => `${n} strands together`,
  kept: (n: number) => `${plural(n, 'line')} kept as notes`,
  unread: (n: number) => `${plural(n, 'line')} not read`,
  allRead: 'Every line was read',
  doubted: (n: number) => `${plural(n, 'line')} to check, read as is likely`,
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
  title: 'What this page becomes',
  rename: 'Name of the part',
  joinParts: 'As “Only words” its rounds belong to the part above. Any line can begin a part of its own.',
  kinds: 'Text, Markdown, HTML, PDF or .docx: choose it, or drop it on the page. It is read in this browser.',
  reading: 'Reading the page …',
  opening: (name: string) => `Reading “${name}” …`,
  stop: 'Stop reading it',
  stopped: (name: string) => `“${name}” was not read: you stopped it.`,
  dropHere: 'Drop the file: it is read here and goes nowhere else.',
  refused: {
    'no text': (name: string) =>
      `“${name}” is no page of text. Open a .txt, .md, .html, .pdf or .docx file, or copy the words out of it and paste them here.`,
    pictures: (name: string) =>
      `“${name}” holds pictures of words, and no words that can be read. Type the rounds here, or paste them from where they can be marked.`,
    locked: (name: string) =>
      `“${name}” is locked with a password. Open it with your own reader, mark the words and paste them here.`,
    long: (name: string) =>
      `“${name}” was not read after a minute: it is very large, or damaged. Open it with your own reader, mark the words and paste them here.`,
    large: (name: string) =>
      `“${name}” would unpack to far more than any pattern holds, and was left alone. Open it with your own program, mark the words and paste them here.`,
    damaged: (name: string) =>
      `“${name}” is damaged: it could not be read to its end. Open it with another program, mark the words and paste them here.`,
  } satisfies Record<string, (name: string) => string>,
};
