import type { LineReading } from '../../notation';
import type { PartModel, ToyModel } from '../../model';
import { safetyWords as say } from '../../words';
import { HAZARDS } from '../hazards';
import { isUnder36, type Checked, type SafetyPoint } from '../point';
import { eyesNamed } from '../named';
import type { AgeGroup } from '../../toy';

/** What the text names and no check can see: wire, glue, magnets, rings, bells and the like, and eyes that nobody has placed. Each is an open point at its line. */
export function textChecks({ model, parts, age }: Checked): SafetyPoint[] {
  return [...pagePoints(model, isUnder36(age)), ...parts.flatMap((part) => ofPart(model, part, age))];
}

function ofPart(model: ToyModel, part: PartModel, age: AgeGroup): SafetyPoint[] {
  return [
    ...hazardPoints(part, isUnder36(age), onToy(model)),
    ...eyesNamed(model, part).map(({ line, words }): SafetyPoint => ({
      id: `named:${part.part.id}`,
      check: 1,
      weight: 'open',
      part: part.part.id,
      line,
      title: say.eyesNamed(part.name, words),
      reason: say.eyesNamedReason,
      mend: say.eyesNamedMend,
    })),
  ];
}

/** What the page says beside its parts: materials, remarks, what is done at the end. */
function pagePoints(model: ToyModel, small: boolean): SafetyPoint[] {
  const { page } = model.toy;
  const known = onToy(model);
  const found = new Map<string, SafetyPoint>();
  for (const text of page.toLowerCase().split('\n'))
    for (const { id, check, words } of HAZARDS) {
      const hit = words.exec(text);
      if (!hit || found.has(id) || known.has(id)) continue;
      const said = say.hazards[id];
      found.set(id, {
        id: `text:page:${id}`,
        check,
        weight: 'open',
        title: say.namedOnPage(hit[0]),
        reason: small ? said.small : said.older,
        mend: said.mend,
      });
    }
  const eyes = model.toy.features.some((f) => f.kind === 'eyes');
  const asks = /\b(?:safety|plastic|animal|cat|toy|bead|button|googly)[- ]eyes?\b/i.exec(page);
  const inParts = model.parts.some((p) => eyesNamed(model, p).length > 0);
  return [
    ...found.values(),
    ...(asks && !eyes && !inParts
      ? [
          {
            id: 'named:page',
            check: 1,
            weight: 'open',
            title: say.eyesOnPage(asks[0]),
            reason: say.eyesNamedReason,
            mend: say.eyesNamedMend,
          } as const,
        ]
      : []),
  ];
}

/** Dangers that stand on the toy itself: they are looked at there, and what a text says of them is no news. */
function onToy({ toy }: ToyModel): ReadonlySet<string> {
  return new Set(
    toy.features.flatMap((f) => {
      if (f.kind === 'hanger') return [f.is === 'bell' ? 'bell' : 'ring'];
      return f.kind === 'strands' ? ['hair'] : [];
    }),
  );
}

function hazardPoints(part: PartModel, small: boolean, known: ReadonlySet<string>): SafetyPoint[] {
  const found = new Map<string, SafetyPoint>();
  for (const l of part.reading.lines) {
    const text = part.part.text.slice(l.from, l.to).toLowerCase();
    for (const { id, check, words, anywhere } of HAZARDS) {
      const hit = anywhere || !isStitches(l) ? words.exec(text) : null;
      if (!hit || found.has(id) || known.has(id)) continue;
      const said = say.hazards[id];
      found.set(id, {
        id: `text:${part.part.id}:${id}`,
        check,
        weight: 'open',
        part: part.part.id,
        line: l.line,
        title: say.named(part.name, hit[0], l.line),
        reason: small ? said.small : said.older,
        mend: said.mend,
      });
    }
  }
  return [...found.values()];
}

const isStitches = (l: LineReading): boolean =>
  l.node.type === 'round' ||
  l.node.type === 'repeat' ||
  l.node.type === 'continued' ||
  l.node.type === 'heading';
