import { alongWords, planOf, stepWords, troubleWords } from '../plan';
import { ENDS } from '../figures';
import { checkToy, lookedAt, type ToldPoint } from '../safety';
import type { ToyModel } from '../model';
import { boundsOf, type ViewName } from '../picture';
import type { Terms } from '../notation';
import { hours, language, safetyWords, sheetWords as say, unitWords, upperFirst } from '../words';
import { escaped, inline } from './escaped';
import { faceMapSvgs } from './faceMap';
import { joinMapHtml } from './joinMap';
import { inTerms, patternSections, signsOf, type PatternRow, type PatternSection } from './pattern';
import { sheetStyle } from './sheetStyle';
import { endRows, shoppingRows, shoppingText } from './shopping';
import { toyPicture } from './toyPicture';

/** How a sheet is printed. */
export interface SheetSaid {
  /** the terms of its rounds; the toy's own where nothing is said */
  terms?: Terms;
  /** the day that stands on every page, in words */
  day?: string;
  /** letters half as large again */
  large?: boolean;
  /** without colours */
  plain?: boolean;
}

/** A title as a sentence of its own. */
const stopped = (title: string): string => (/[?!.]$/.test(title) ? title : `${title}.`);

/** Room for the picture of the first page and for the small ones, mm. */
const FIRST = { mostWide: 110, mostTall: 100 };
const SMALL = { mostWide: 42, mostTall: 60 };
/** The bar that tells whether a page was printed in true size, mm. */
const BAR_MM = 50;

/**
 * A toy as a document that prints on A4 and Letter, as a designer would publish it: picture, size, materials and signs first; then the work in its
 * order, part by part, rounds as they are written with boxes and the pauses between them; how it is put together, with maps; faces in true size;
 * yarn ends; safety points and the caution once. No script, no outside file.
 */
export function sheetHtml(own: ToyModel, said: SheetSaid = {}): string {
  const model = inTerms(own, said.terms);
  const plan = planOf(model);
  const { terms } = model.toy.settings;
  const told = new Set<string>();
  const sections = patternSections(model, terms).map((s) => sectionHtml(model, s, told));
  const maps = faceMapSvgs(model);
  const { name } = model.toy;
  const foot = [name, ...(said.day ? [say.printed(said.day)] : [])].join(', ');
  return `<!doctype html>
<html lang="${language()}"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><title>${escaped(name)}: ${say.title}</title><style>${sheetStyle({ foot, page: say.page, large: said.large, plain: said.plain })}</style></head>
<body><header><h1>${escaped(name)}</h1><p>${say.heading}, ${say.termsAre[terms]}. ${sizeWords(model)} ${sourceWords(model)}</p></header>
${firstPicture(model)}
<section class="totals">${totalsOf(model)
    .map(([n, words]) => `<div><b>${n}</b><span>${words}</span></div>`)
    .join('')}</section>
${plan.trouble.length ? `<section class="trouble"><h2>${say.trouble}</h2>${list(plan.trouble.map((t) => troubleWords(t, model)))}</section>` : ''}
<section><h2>${say.materials}</h2><table>${shoppingRows(model)}</table></section>
<section><h2>${say.signsHead}</h2><table class="signs">${signsOf(model, terms)
    .map(([sign, means]) => `<tr><th scope="row">${escaped(sign)}</th><td>${escaped(means)}</td></tr>`)
    .join('')}</table></section>
${sections.join('\n')}
${maps.map((m) => `<section class="map"><h2>${escaped(m.name)}: ${say.map}</h2>${inline(m.svg)}</section>`).join('\n')}
<section><h2>${say.ends}</h2><table>${endRows(model)}</table><p>${escaped(say.tailNote(unitWords(model.toy.settings.units).end(ENDS.stepMm)))}</p></section>
${safetyHtml(model)}
</body></html>
`;
}

const list = (items: readonly string[]): string =>
  `<ul>${items.map((i) => `<li>${escaped(i)}</li>`).join('')}</ul>`;

/** What the whole toy takes. */
function totalsOf(model: ToyModel): [string, string][] {
  const { totals } = planOf(model);
  const units = unitWords(model.toy.settings.units);
  return [
    [String(totals.pauses), say.pauses(totals.pauses)],
    [
      units.weight(totals.fillG.value),
      say.fill(units.weight(totals.fillG.low), units.weight(totals.fillG.high)),
    ],
    [units.yarn(totals.tailsMm), say.tails],
    [`${hours(totals.minutes)} h`, say.time],
  ];
}

/** How large the toy is when it is put together; what is not joined yet has no size of its own. */
function sizeWords(model: ToyModel): string {
  const units = unitWords(model.toy.settings.units);
  const { loose, placed } = model;
  const percent = Math.max(0, ...model.parts.map((p) => p.gauge.rangePercent));
  const open = loose.length > 0 ? say.notJoined(loose.length) : '';
  if (placed.length === 0) return open;
  const { left, right, top, bottom } = boundsOf(placed);
  return `${say.finished(units.length(right - left), units.length(bottom - top), say.within(percent.toFixed(0)))} ${open}`.trim();
}

/** The toy from its front, with a bar that tells whether the page is printed in true size. */
function firstPicture(model: ToyModel): string {
  const front = toyPicture(model, 'front', { ...FIRST, stitches: true });
  if (!front) return '';
  const units = unitWords(model.toy.settings.units);
  const bar = `<svg class="bar" width="${BAR_MM}mm" height="4mm" viewBox="0 0 ${BAR_MM} 4" role="img" aria-label="${units.length(BAR_MM)}"><path d="M0.2 0.5V3.5M0.2 2H${BAR_MM - 0.2}M${BAR_MM - 0.2} 0.5V3.5" fill="none" stroke="#0b211d" stroke-width=".4"/></svg>`;
  return `<section class="picture">${front.svg}<p>${say.picture(Math.round(front.scale * 100))}</p>${bar}<p>${say.bar(units.length(BAR_MM))}</p></section>`;
}

/** The sides of a toy that tell how it is put together. */
const SIDES: readonly ViewName[] = ['front', 'left', 'back'];

/** All of them at one scale. */
function sidesHtml(model: ToyModel): string {
  const drawn = (view: ViewName, mostScale?: number) =>
    toyPicture(model, view, { ...SMALL, stitches: false, mostScale });
  const scale = Math.min(...SIDES.map((view) => drawn(view)?.scale ?? 1));
  const figures = SIDES.map((view) => {
    const side = drawn(view, scale);
    return side ? `<figure>${side.svg}<figcaption>${say.views[view]}</figcaption></figure>` : '';
  });
  return `<div class="sides">${figures.join('')}</div>`;
}

function sectionHtml(model: ToyModel, { title, lead, rows }: PatternSection, told: Set<string>): string {
  const joins = rows.some((r) => r.is === 'step' && r.seam.length > 0);
  const many = rows.some((r) => r.is !== 'own' && r.copies.length > 1);
  return `<section class="part${many ? ' many' : ''}"><h2>${escaped(title)}</h2>${lead.length > 0 ? `<p class="lead">${lead.map(escaped).join('<br>')}</p>` : ''}${joins && model.placed.length > 1 ? sidesHtml(model) : ''}<ol>${rows.map((r) => rowHtml(model, r, told)).join('')}</ol></section>`;
}

const boxes = (copies: readonly string[], each: number): string =>
  `<span class="boxes">${copies
    .map(
      (copy) =>
        `<span>${copy ? `<small>${escaped(copy)}</small> ` : ''}${'<i class="box"></i>'.repeat(each)}</span>`,
    )
    .join('')}</span>`;

/** A reason is told once; paper is short. */
function rowHtml(model: ToyModel, row: PatternRow, told: Set<string>): string {
  if (row.is === 'own') return `<li class="own"><span></span><p>${say.own} ${escaped(row.words)}</p></li>`;
  if (row.is === 'rounds')
    return `<li>${boxes(row.copies, row.rounds)}<p><b class="round">${escaped(row.label)}</b> ${escaped(row.words)}</p></li>`;
  const known = told.has(row.reason) || row.reason === '' || row.reason === row.detail;
  const reason = known ? '' : `<br><small>${escaped(row.reason)}</small>`;
  told.add(row.reason);
  const pins =
    row.pins.length > 0 ? `<br>${say.pins}: ${row.pins.map((p) => `${p.at} ${tag(p.tag)}`).join(', ')}` : '';
  const seam =
    row.seam.length > 0
      ? `<br><span class="seam">${say.seamMap} ${row.seam.map((s) => `<span>${s.edge} ${tag(s.tag)}</span>`).join(' ')}</span>`
      : '';
  const map = row.sewn ? joinMapHtml(model, row.sewn, told) : '';
  const notes = row.notes.map((note) => `<br><b class="note">! ${escaped(note)}</b>`).join('');
  return `<li${row.rests ? ' class="rests"' : ''}>${boxes(row.copies, 1)}<p><b>${escaped(row.title)}</b><br>${escaped(row.detail)}${pins}${map}${seam}${notes}${reason}</p></li>`;
}

const tag = (words: string): string => `<span class="tag">${escaped(words)}</span>`;

/** What is told where a point is: its places, and what the maker answered. */
const beside = ({ tags, answered }: ToldPoint): string[] => [
  ...(tags && tags.length > 0 ? [`${tags.join(', ')}.`] : []),
  ...(answered === null ? [] : [stopped(safetyWords.answered(answered))]),
];

const pointHtml = (p: ToldPoint): string =>
  `<b>${escaped(say.weights[p.weight])}: ${escaped(stopped(p.title))}</b> ${escaped([p.reason, stopped(p.mend), ...beside(p)].join(' '))}`;

/** One point of safety as a line. */
export const pointText = (p: ToldPoint): string =>
  [`${say.weights[p.weight]}: ${stopped(p.title)}`, stopped(p.mend), ...beside(p)].join(' ');

/** Which checks were made and what they are worth, in one paragraph. */
const madeWords = (points: readonly ToldPoint[], model: ToyModel): string =>
  [...lookedAt(points, model).map(stopped), safetyWords.madeHow].join(' ');

function safetyHtml(model: ToyModel): string {
  const points = checkToy(model);
  const told = points.map((p) => `<li class="${p.weight}">${pointHtml(p)}</li>`).join('');
  return `<section><h2>${say.safety}</h2><p>${escaped(madeWords(points, model))}</p><ul>${told}</ul><p class="caution">${escaped(safetyWords.caution)}</p></section>`;
}

/** What the lengths of a sheet rest on: the least known part decides. */
export function sourceWords(model: ToyModel): string {
  const sources = model.parts.map((p) => p.gauge.source);
  if (sources.includes('not known')) return say.notKnown;
  if (!sources.includes('assumed')) return say.measured;
  const percent = Math.max(...model.parts.map((p) => p.gauge.rangePercent));
  return say.assumed(percent.toFixed(0));
}

/** Plain text of the plan for terminals and messages. */
export function planText(model: ToyModel): string {
  const plan = planOf(model);
  const units = unitWords(model.toy.settings.units);
  const lines = plan.steps.map((step, i) => {
    const { title, detail, notes } = stepWords(step, model);
    const told = [detail, ...alongWords(step, model), ...notes.map((note) => `! ${note}`)].map(
      (line) => `    ${line}`,
    );
    return [`${String(i + 1).padStart(2)}. ${title}`, ...told].join('\n');
  });
  const points = checkToy(model);
  const { totals } = plan;
  return [
    `${model.toy.name}: ${totals.pauses} ${say.pauses(totals.pauses)}, ${units.weight(totals.fillG.value)} ${say.fillWord}, ${units.yarn(totals.tailsMm)} ${say.tails}, ${hours(totals.minutes)} h`,
    ...lines,
    ...plan.trouble.map((t) => `! ${troubleWords(t, model)}`),
    '',
    ...shoppingText(model),
    '',
    `${say.safety}: ${lookedAt(points, model).map(stopped).join(' ')}`,
    ...points.map(pointText),
    '',
    `${say.tailNote(units.end(ENDS.stepMm))}`,
    safetyWords.caution,
    '',
  ].join('\n');
}

/** A toy as a designer would publish it, as Markdown: what the sheet says, without its drawings. */
export function patternMd(own: ToyModel, said: Pick<SheetSaid, 'terms'> = {}): string {
  const model = inTerms(own, said.terms);
  const { terms } = model.toy.settings;
  const told = new Set<string>();
  const plan = planOf(model);
  const points = checkToy(model);
  return [
    `# ${plain(model.toy.name)}`,
    '',
    `${say.heading}, ${say.termsAre[terms]}. ${sizeWords(model)} ${sourceWords(model)}`,
    '',
    totalsOf(model)
      .map(([n, words]) => `**${n}** ${words}`)
      .join(' · '),
    '',
    ...(plan.trouble.length > 0
      ? [`## ${say.trouble}`, '', ...plan.trouble.map((t) => `- ${plain(troubleWords(t, model))}`), '']
      : []),
    `## ${say.signsHead}`,
    '',
    ...signsOf(model, terms).map(([sign, means]) => `- **${plain(sign)}**: ${means}`),
    '',
    ...patternSections(model, terms).flatMap((s) => [
      `## ${plain(s.title)}`,
      '',
      ...s.lead.map((l) => `${plain(l)}  `),
      '',
      ...s.rows.flatMap((r) => rowMd(r, told)),
      '',
    ]),
    // What is bought and cut stands as it does in the plan's own text.
    ...shoppingText(model).map((l) =>
      l.startsWith(' ') ? `- ${plain(l.trim())}` : `\n## ${plain(l.replace(/:$/, ''))}\n`,
    ),
    '',
    `## ${say.safety}`,
    '',
    madeWords(points, model),
    '',
    ...points.map((p) => `- ${plain(pointText(p))}`),
    '',
    safetyWords.caution,
    '',
  ].join('\n');
}

/** What people type, so that Markdown takes none of it for a sign of its own. */
const plain = (text: string): string =>
  text.replace(/[\\`*_[\]<>#|~]/g, (c) => `\\${c}`).replace(/\s*\n\s*/g, ' ');

function rowMd(row: PatternRow, told: Set<string>): string[] {
  if (row.is === 'own') return [`- _${say.own}_ ${plain(row.words)}`];
  if (row.is === 'rounds') {
    const times = row.copies.length > 1 ? ` (× ${row.copies.length})` : '';
    return [`- [ ] **${plain(row.label)}** ${plain(row.words)}${times}`];
  }
  const reason = told.has(row.reason) || row.reason === row.detail ? '' : row.reason;
  told.add(row.reason);
  const pins =
    row.pins.length > 0 ? `${say.pins}: ${row.pins.map((p) => `${p.at} ${p.tag}`).join(', ')}.` : '';
  const seam =
    row.seam.length > 0 ? `${say.seamMap} ${row.seam.map((s) => `${s.edge} ${s.tag}`).join(', ')}.` : '';
  return [
    `- [ ] **${plain(row.title)}**${row.copies.length > 1 ? ` (× ${row.copies.length})` : ''}. ${[
      row.detail,
      pins,
      seam,
      reason,
    ]
      .filter((w) => w !== '')
      .map((w) => plain(upperFirst(stopped(w))))
      .join(' ')}`,
    ...row.notes.map((note) => `  - **!** ${plain(note)}`),
  ];
}
