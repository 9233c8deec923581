import { holeTag } from '../address';
import { planOf, stepWords, troubleWords, type Step } from '../plan';
import { ENDS } from '../figures';
import { CHECKS, checksMade, checkToy, type ToldPoint } from '../safety';
import { copyName, modelOf, type ToyModel } from '../model';
import { hours, safetyWords, sheetWords as say, unitWords } from '../words';
import { escaped } from './escaped';
import { SHEET_STYLE } from './sheetStyle';
import { endRows, fillLines, shoppingRows, shoppingText } from './shopping';

/** A title as a sentence of its own. */
const stopped = (title: string): string => (/[?!.]$/.test(title) ? title : `${title}.`);

/**
 * The assembly sheet of a toy as one HTML document that prints on A4 and Letter: sizes, order of work, places, yarn
 * ends, fill, the written rounds, safety points and the caution. No script, no outside file.
 */
export function sheetHtml(model: ToyModel): string {
  const plan = planOf(model);
  const units = unitWords(model.toy.settings.units);
  const points = checkToy(model);
  const { totals } = plan;
  const head = [
    [String(totals.pauses), say.pauses(totals.pauses)],
    [
      units.weight(totals.fillG.value),
      say.fill(units.weight(totals.fillG.low), units.weight(totals.fillG.high)),
    ],
    [units.yarn(totals.tailsMm), say.tails],
    [`${hours(totals.minutes)} h`, say.time],
  ];
  const told = new Set<string>();
  const rows = plan.steps.map((step, i) => stepRow(model, step, i + 1, told)).join('');
  const sizes = model.parts
    .map(
      (p) =>
        `<tr><th scope="row">${escaped(p.name)}${p.copies.length > 1 ? ` × ${p.copies.length}` : ''}</th><td>${units.bare(p.form.widthMm)} × ${units.length(p.form.heightMm)}</td><td>${p.fabric.stitches}</td><td>${escaped(p.fill)}</td></tr>`,
    )
    .join('');
  const places = placeRows(model);
  const texts = model.parts.map((p) => `<pre>${escaped(p.part.text)}</pre>`).join('');
  const source = sourceWords(model);
  return `<!doctype html>
<html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><title>${escaped(model.toy.name)}: ${say.title}</title><style>${SHEET_STYLE}</style></head>
<body><header><h1>${escaped(model.toy.name)}</h1><p>${say.heading}. ${source}</p></header>
<section class="totals">${head.map(([n, words]) => `<div><b>${n}</b><span>${words}</span></div>`).join('')}</section>
${plan.trouble.length ? `<section class="trouble"><h2>${say.trouble}</h2><ul>${plan.trouble.map((t) => `<li>${escaped(troubleWords(t, model))}</li>`).join('')}</ul></section>` : ''}
<section><h2>${say.order}</h2><ol>${rows}</ol></section>
<section><h2>${say.materials}</h2><table>${shoppingRows(model)}</table></section>
<section><h2>${say.ends}</h2><table>${endRows(model)}</table></section>
<section><h2>${say.filling}</h2><ul>${fillLines(model)
    .map((l) => `<li>${escaped(l)}</li>`)
    .join('')}</ul></section>
<section><h2>${say.places}</h2><table>${places}</table></section>
<section><h2>${say.parts}</h2><table><tr><th>${say.part}</th><th>${say.size}</th><th>${say.stitches}</th><th>${say.fillWord}</th></tr>${sizes}</table></section>
<section><h2>${say.safety}</h2><p>${escaped(safetyWords.made(checksMade.length, CHECKS.length))}. ${escaped(safetyWords.madeHow)}</p><ul>${points.map((p) => `<li class="${p.weight}">${pointHtml(p)}</li>`).join('')}</ul><p class="caution">${escaped(safetyWords.caution)}</p></section>
<section class="rounds"><h2>${say.rounds}</h2>${texts}</section>
<footer>${escaped(safetyWords.caution)}</footer></body></html>
`;
}

/** What is told where a point is: its places, and what the maker answered. */
const beside = ({ tags, answered }: ToldPoint): string[] => [
  ...(tags && tags.length > 0 ? [`${tags.join(', ')}.`] : []),
  ...(answered === null ? [] : [stopped(safetyWords.answered(answered))]),
];

const pointHtml = (p: ToldPoint): string =>
  `<b>${escaped(say.weights[p.weight])}: ${escaped(stopped(p.title))}</b> ${escaped([p.reason, stopped(p.mend), ...beside(p)].join(' '))}`;

const pointText = (p: ToldPoint): string =>
  [`${say.weights[p.weight]}: ${stopped(p.title)}`, stopped(p.mend), ...beside(p)].join(' ');

/** Where everything goes, a row each. */
function placeRows(model: ToyModel): string {
  const units = unitWords(model.toy.settings.units);
  return [
    ...model.eyes.flatMap(({ eyes, state }) =>
      state.state === 'homeless'
        ? []
        : [
            `<tr><th scope="row">${say.eyes} ${eyes.eyeMm} mm</th><td>${state.names.map((n) => tag(holeTag(n))).join(' ')}</td><td>${state.spacing.stitchesBetween} ${say.between}, ${units.length(state.spacing.straightMm.value)} (${units.bare(state.spacing.straightMm.low)}–${units.bare(state.spacing.straightMm.high)})</td></tr>`,
          ],
    ),
    ...model.noses.flatMap(({ nose, state }) =>
      state.state === 'homeless'
        ? []
        : [
            `<tr><th scope="row">${say.nose} ${nose.widthMm} mm</th><td>${tag(holeTag(state.name))}</td><td></td></tr>`,
          ],
    ),
    ...model.sites.flatMap(({ join, sites }) =>
      sites.map(
        (s) =>
          `<tr><th scope="row">${escaped(copyName(modelOf(model, join.guest.part), s.copy))}</th><td>${s.name ? tag(holeTag(s.name)) : say.atEnd}</td><td>${escaped(copyName(modelOf(model, join.at.part), join.at.copy))}, ${s.guestEdge} ${say.stitches}</td></tr>`,
      ),
    ),
    ...model.drawn.flatMap(({ join, sites }) =>
      sites.map(
        (s) =>
          `<tr><th scope="row">${escaped(copyName(modelOf(model, join.guest.part), s.copy))}</th><td>${[s.exits.first, s.exits.other].map((e) => tag(holeTag(e.name))).join(' ')}</td><td>${escaped(copyName(modelOf(model, join.at.part), join.at.copy))}, ${units.length(s.exits.widthMm)} ${say.through}</td></tr>`,
      ),
    ),
  ].join('');
}

/** What the lengths of a sheet rest on: the least known part decides. */
function sourceWords(model: ToyModel): string {
  const sources = model.parts.map((p) => p.gauge.source);
  if (sources.includes('not known')) return say.notKnown;
  if (!sources.includes('assumed')) return say.measured;
  const percent = Math.max(...model.parts.map((p) => p.gauge.rangePercent));
  return say.assumed(percent.toFixed(0));
}

/** A reason is told once; paper is short. */
function stepRow(model: ToyModel, step: Step, n: number, told: Set<string>): string {
  const words = stepWords(step, model);
  const reason = told.has(words.reason) ? '' : `<br><small>${escaped(words.reason)}</small>`;
  told.add(words.reason);
  const pins =
    step.kind === 'sew' && step.pins.length > 0
      ? `<br><span class="pins">${say.pins}: ${step.pins.map((pin) => `${say.pinAt[pin.at]} ${tag(holeTag(pin.name))}`).join(', ')}</span>`
      : '';
  return `<li value="${n}"><i class="box"></i><div><b>${escaped(words.title)}</b><br>${escaped(words.detail)}${pins}${words.notes.map((note) => `<br><b class="note">! ${escaped(note)}</b>`).join('')}${reason}</div></li>`;
}

const tag = (t: { rounds: string; stitches: string }): string =>
  `<span class="tag">${t.rounds} | ${t.stitches}</span>`;

/** Plain text of the plan for terminals and messages. */
export function planText(model: ToyModel): string {
  const plan = planOf(model);
  const units = unitWords(model.toy.settings.units);
  const lines = plan.steps.map((step, i) => {
    const { title, detail, notes } = stepWords(step, model);
    const told = [`    ${detail}`, ...notes.map((note) => `    ! ${note}`)];
    return [`${String(i + 1).padStart(2)}. ${title}`, ...told].join('\n');
  });
  const points = checkToy(model).map(pointText);
  const { totals } = plan;
  return [
    `${model.toy.name}: ${totals.pauses} ${say.pauses(totals.pauses)}, ${units.weight(totals.fillG.value)} ${say.fillWord}, ${units.yarn(totals.tailsMm)} ${say.tails}, ${hours(totals.minutes)} h`,
    ...lines,
    ...plan.trouble.map((t) => `! ${troubleWords(t, model)}`),
    '',
    ...shoppingText(model),
    '',
    `${say.safety}: ${safetyWords.made(checksMade.length, CHECKS.length)}`,
    ...points,
    '',
    `${say.tailNote(units.end(ENDS.stepMm))}`,
    safetyWords.caution,
    '',
  ].join('\n');
}
