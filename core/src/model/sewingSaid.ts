import { singular } from '../figures';
import { otherOf, type Join, type StoredJoin } from '../join';
import { sentencesOf } from '../notation';
import { setJoin, type NewId, type Toy } from '../toy';
import { hangsOn, saidOfJoin, type SaidOfJoin } from './hanging';
import { joinedUsually } from './joining';
import { modelOf, modelToy, type ToyModel } from './toy';

/** What the text of a toy says of where a part is sewn. */
export interface SewingSaid {
  /** the sentence as it is written */
  words: string;
  /** where that is; null where it is not understood, or understood in two ways */
  said: SaidOfJoin | null;
  /** what of it says nothing of the place that is understood: `8 stitches apart` */
  left: string;
  /** it names what the part is sewn to */
  namesHost: boolean;
  /** the join already goes by it */
  followed: boolean;
}

/** Longer sentences are none of these. */
const LONGEST = 400;
const SEWN =
  /\b(?:sew|sewn|stitch(?:ed)? (?:it|them|on|to)|pin (?:the|it|them|both|each|all|on|to)|pinned|attach|attached|fix|goes?|sits?|stands?|put|place)\b/;
/** What is placed by other sentences: the face, the filling. `Between the eyes` is a place. */
const OTHERWISE =
  /^(?:the\s+)?(?:safety\s+)?eyes?\b|\b(?:put|place|attach|fix|pin|sew)\s+(?:on\s+|in\s+)?(?:(?:the|both|two|your)\s+)*(?:\d+\s?mm\s+)?(?:safety\s+)?(?:eyes?|washers?)\b|\b(?:stuff|stuffing|fill|filling|marker|magic)\b/;
const NOTHING_OF_PLACE =
  /^(?:to|onto|them|they|it|its|each|both|then|now|firmly|securely|tightly|neatly|evenly|well|all|around|round|piece|pieces|edge|open|closed|pin|pinned|first|pinch|pinched|fold|folded|flat|in|place|while|together|by|from|fix|goes|go|sits?|stands?|stitch|stitched)$/;

/** Words of a place: what of them is not understood could say another one. */
const OF_PLACE =
  /\b(?:r\d+|rounds?|rnds?|rows?|towards?|slop\w+|up|down|back|front|left|right|middle|cent(?:re|er)|top|bottom|sides?|above|below|under|beneath|over|beside|behind|between|other)\b|\b\d+\b(?!\s*(?:sts?|stitch(?:es)?|holes?|cm|mm|in)\b)/;

/** What is not done, not yet, or only in one case. */
const NOT_DONE =
  /\b(?:do not|don['’]t|never|not yet|without|until|unless)\b|^(?:if|or|option(?:al|ally)?|alternatively)\b/;

/** A part's name in running words, one or several; `the head`, too, of a head and body. What has no letters names nothing. */
function named(name: string): RegExp {
  const plain = name.toLowerCase().replace(/^the\s+/, '');
  const names = [plain, ...plain.split(/\s+and\s+/)].filter((n) => /\p{L}/u.test(n));
  const spelt = names.flatMap((n) =>
    [n, singular(n)].map((one) => `${one.replace(/[^\p{L}\p{N} ]/gu, '.')}(?:s|es)?`),
  );
  return new RegExp(
    String.raw`(?<![\p{L}\p{N}])(?:the\s+)?(?:${spelt.join('|') || '(?!)'})(?![\p{L}\p{N}])`,
    'giu',
  );
}

/**
 * The sentences of a toy's text that say where the guest of a join is sewn: of its own part those that sew and name either the host or
 * a place, elsewhere those that name it. Their places are read as a maker's own words are; nothing is guessed for what is left.
 */
export function sewingSaid(model: ToyModel, join: Join): SewingSaid[] {
  const [guest, host] = [join.guest, join.at].map((of) => modelOf(model, of.part));
  const [ofGuest, ofHost] = [named(guest.name), named(host.name)];
  const toOthers = model.parts
    .filter((p) => p !== guest && p !== host)
    .map((p) => new RegExp(String.raw`\b(?:on|onto|to|into)\s+${named(p.name).source}`, 'iu'));
  const found = textsOf(model).flatMap(({ part, line }) =>
    sentencesOf(line).flatMap(({ from, to }): SewingSaid[] => {
      const words = line.slice(from, to);
      if (words.length > LONGEST) return [];
      const plain = sewingIn(words.toLowerCase());
      if (plain === null) return [];
      const names = words.match(ofGuest) !== null;
      if (part !== guest.part.id && !names) return [];
      const namesHost = words.match(ofHost) !== null;
      const said = saidOfJoin(model, join, plain.replace(ofGuest, ' ').replace(ofHost, ' '));
      const { hang } = said?.read ?? { hang: null };
      if (!names && !namesHost && !hang?.height && !hang?.along) return [];
      const elsewhere = !namesHost && toOthers.some((other) => other.test(words));
      return [{ ...told(join, words, elsewhere ? null : said), namesHost }];
    }),
  );
  return found.filter((one, k) => found.findIndex((other) => other.words === one.words) === k);
}

/** A sentence of the text that copies of a part do not go by, and their joins as it says. */
export interface SewnElsewhere {
  words: string;
  put: readonly StoredJoin[];
}

/** Where the text says that parts are sewn, of those that stand elsewhere; copies of one part together. */
export function sewnElsewhere(model: ToyModel): SewnElsewhere[] {
  const found = new Map<string, { words: string; put: StoredJoin[] }>();
  for (const join of model.toy.joins)
    for (const { words, said, followed } of sewingSaid(model, join)) {
      const place = said?.place;
      if (!place || typeof place === 'string' || followed) continue;
      const key = `${join.guest.part} ${words}`;
      const same = found.get(key) ?? { words, put: [] };
      found.set(key, same);
      same.put.push({ ...join, at: place, hang: said.read.hang });
    }
  return [...found.values()];
}

/** A part whose seam the text tells, with its words. */
export interface SewingTaken {
  part: string;
  words: string;
}

/**
 * Sews on every part whose host and place its text tells, and nothing else; one sentence of a part is enough. What is told and not
 * taken is given back, too: it names no host or no place, or more than is understood.
 */
export function acceptSewing(
  toy: Toy,
  newId: NewId,
): { toy: Toy; taken: SewingTaken[]; left: SewingTaken[] } {
  const model = modelToy(joinedUsually(toy, newId));
  const taken: SewingTaken[] = [];
  const left: SewingTaken[] = [];
  const put: StoredJoin[] = [];
  for (const join of model.toy.joins.filter((j) => !toy.joins.some((own) => own.id === j.id))) {
    const told = sewingSaid(model, join);
    const plain = told.find(
      (s) => s.namesHost && s.left === '' && s.said && hangsOn(s.said.read.hang).length === 0,
    );
    const place = plain?.said?.place;
    if (place && typeof place !== 'string') put.push({ ...join, at: place, hang: plain.said!.read.hang });
    const list = place ? taken : left;
    for (const { words } of plain ? [plain] : told)
      if (!list.some((t) => t.part === join.guest.part && t.words === words))
        list.push({ part: join.guest.part, words });
  }
  return { toy: put.reduce(setJoin, toy), taken, left };
}

/** What a sentence in lower case says of sewing, without what it says before that of something else; null where it says nothing of it. */
function sewingIn(sentence: string): string | null {
  const at = SEWN.exec(sentence)?.index;
  if (at === undefined) return null;
  const sewing = OTHERWISE.test(sentence.slice(0, at)) ? sentence.slice(at) : sentence;
  return OTHERWISE.test(sewing) ? null : sewing;
}

function told(join: Join, words: string, said: SaidOfJoin | null): Omit<SewingSaid, 'namesHost'> {
  const left = (said?.read.unread ?? []).filter((word) => !NOTHING_OF_PLACE.test(word));
  const isDone = !NOT_DONE.test(words.toLowerCase());
  const plain = said !== null && isDone && !said.read.twice && !OF_PLACE.test(left.join(' '));
  // Both of a pair in the middle would stand in one another.
  const along = said?.read.hang.along;
  const inMiddle = otherOf(join) !== null && along?.by === 'face' && along.deg % 180 === 0;
  const understood =
    plain && !inMiddle && said.place !== null && typeof said.place !== 'string' ? said : null;
  return {
    words,
    said: understood,
    left: left.join(' '),
    followed: understood !== null && JSON.stringify(join.hang) === JSON.stringify(understood.read.hang),
  };
}

const BEHIND_A_ROUND = /^(?:then\s+)?(?:sew|pin|attach)\b/i;

/** What stands in notes and behind rounds, with the part that it belongs to; null for what is of the whole page. */
function textsOf(model: ToyModel): { part: string | null; line: string }[] {
  const own = model.parts.flatMap(({ part, reading }) =>
    reading.lines.flatMap(({ node, from, to }) => {
      if (node.type === 'note') return [{ part: part.id, line: node.text }];
      if (node.type !== 'round') return [];
      const line = part.text.slice(from, to);
      return sentencesOf(line)
        .map((at) => line.slice(at.from, at.to))
        .filter((words) => BEHIND_A_ROUND.test(words))
        .map((words) => ({ part: part.id, line: words }));
    }),
  );
  return [...own, ...model.toy.page.split('\n').map((line) => ({ part: null, line }))];
}
