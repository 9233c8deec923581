import type { Loose } from './loose';

/** "R10·11 | 15·16 and 24·25", as a tag was printed when version 5 was made -> "10.11|15.16 10.11|24.25". */
function postsThen(tag: string): string | null {
  let rounds = '';
  const posts = tag.split(' and ').map((one) => {
    const [a, b] = one.includes('|') ? one.split('|') : [rounds, one];
    rounds = a;
    const pair = (said: string) => {
      const numbers = said.match(/\d+/g) ?? [];
      return numbers.length > 0 ? `${numbers[0]}.${numbers[1] ?? numbers[0]}` : null;
    };
    const [round, stitch] = [pair(a), pair(b)];
    return round && stitch ? `${round}|${stitch}` : null;
  });
  return posts.every((p) => p !== null) ? posts.join(' ') : null;
}

const FRONT_THEN: readonly (readonly [RegExp, string])[] = [
  [/opposite the marker/, 'marker'],
  [/middle of the patch/, 'patch'],
  [/over the part/, 'part'],
];

/** What a check was about when it was ticked: its sentence of version 4 as data; the posts where it says nothing that can be read. */
function checkThen(id: string, sentence: string, posts: string | null): string | null {
  switch (id) {
    case 'front':
      return FRONT_THEN.find(([words]) => words.test(sentence))?.[1] ?? null;
    case 'posts':
      return postsThen(sentence.replace(/^[^:]*: /, ''));
    case 'count':
      return /: (\d+) stitch/.exec(sentence)?.[1] ?? posts;
    default:
      return posts;
  }
}

/** What a step was like when it was ticked, as data; null where its words of version 4 say nothing that can be read. */
function stepThen(kind: string, content: string): string | null {
  const posts = /^(R.*\|[^:]*):([\d.]+):(.+)$/.exec(content);
  if (kind === 'eyes') {
    const at = posts && postsThen(posts[1]);
    return at && `${at}:${posts[2]}:${posts[3]}`;
  }
  if (kind !== 'sew') return content;
  const seam = /^at (R.*):(\d+)$/.exec(content);
  if (seam) {
    const at = postsThen(seam[1]);
    return at && `${at}:${seam[2]}`;
  }
  const edges = /^edge to edge, (\d+) to (\d+):\d+$/.exec(content);
  if (edges) return `edge.${edges[2]}:${edges[1]}`;
  const round = /^round the closed end, along (.*):(\d+)$/.exec(content);
  return round && `round.${round[1]}:${round[2]}`;
}

/** Ticks as a log of events: what was kept as a sentence is kept as data; of a tick whose words cannot be read only that it was done. */
function logThen(progress: { done?: Record<string, string>; within?: Loose | null }): Loose[] {
  const done = progress.done ?? {};
  const events = Object.entries(done).map(([key, content]) => {
    const [step, id] = key.split('/');
    const posts = postsThen((done[`${step}/posts`] ?? '').replace(/^[^:]*: /, ''));
    const data = id ? checkThen(id, content, posts) : stepThen(key.split(':')[0], content);
    return { at: null, what: 'done', key, content: data };
  });
  const within = progress.within;
  return within
    ? [...events, { at: null, what: 'repeats', key: within.key, repeats: within.repeats }]
    : events;
}

const bare = ({ course, at, index, of }: Loose): Loose => ({ course, at, index, of });

function featureThen(feature: Loose, parts: readonly Loose[]): Loose {
  const part = parts.find((p) => p.id === feature.part);
  const first = (part?.copies as Loose[] | undefined)?.[0]?.id;
  // Until version 4 no screen could pick a copy: what was written down was always the first.
  const copy = feature.copy === first ? null : feature.copy;
  return {
    ...feature,
    copy,
    ...(feature.kind === 'nose' ? { place: bare(feature.place as Loose) } : {}),
    ...(feature.kind === 'embroidery' ? { path: (feature.path as Loose[]).map(bare) } : {}),
  };
}

/**
 * Version 5: edges are named; parts hold corrections of their stretches; a feature is on all copies unless one was picked; yarns
 * say their ball, strands and what makes them hard to work with; what was done is a log.
 */
export function to5(file: Loose): Loose {
  const toy = file.toy as Loose;
  const parts = toy.parts as Loose[];
  const { progress, ...beside } = file;
  const joins = (toy.joins as Loose[]).map((j) => ({
    ...j,
    edge: { which: 'last', from: 1, to: null, layers: j.edge === 'flattened' ? 2 : 1 },
  }));
  const palette = (toy.palette as Loose[]).map((y) => ({
    ...y,
    ball: null,
    strands: 1,
    hardToSee: null,
    sheds: null,
  }));
  return {
    ...beside,
    schema: 5,
    log: logThen((progress ?? {}) as { done?: Record<string, string> }),
    toy: {
      ...toy,
      schema: 5,
      parts: parts.map((p) => ({ ...p, stretches: [] })),
      features: (toy.features as Loose[]).map((f) => featureThen(f, parts)),
      joins,
      palette,
    },
  };
}
