import { holeTag } from '../address';
import { planOf, stepWords, troubleWords, type Step } from '../plan';
import { ENDS } from '../figures';
import { CHECKS, checksMade, checkToy, notKnown } from '../safety';
import { copyName, modelOf, type ToyModel } from '../model';
import { hours, safetyWords, sheetWords as say, unitWords } from '../words';
import { escaped } from './escaped';
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
<html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><title>${escaped(model.toy.name)}: ${say.title}</title><style>${STYLE}</style></head>
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
<section><h2>${say.safety}</h2><ul>${points.map((p) => `<li class="${p.weight}"><b>${escaped(say.weights[p.weight])}: ${escaped(stopped(p.title))}</b> ${escaped(p.reason)} ${escaped(p.mend)}</li>`).join('')}</ul><h2>${escaped(safetyWords.notMade)}</h2><p>${escaped(safetyWords.made(checksMade.length, CHECKS.length))}. ${escaped(safetyWords.notMadeHow)}</p><ul>${notKnown()
    .map((n) => `<li>${escaped(n.title)}</li>`)
    .join('')}</ul><p class="caution">${escaped(safetyWords.caution)}</p></section>
<section class="rounds"><h2>${say.rounds}</h2>${texts}</section>
<footer>${escaped(safetyWords.caution)}</footer></body></html>
`;
}

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
  const points = checkToy(model).map((p) => `${say.weights[p.weight]}: ${stopped(p.title)} ${p.mend}`);
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
    `${safetyWords.notMade}: ${notKnown()
      .map((n) => n.title)
      .join('; ')}`,
    '',
    `${say.tailNote(units.end(ENDS.stepMm))}`,
    safetyWords.caution,
    '',
  ].join('\n');
}

const STYLE = `
.swatch{display:inline-block;width:4mm;height:4mm;border:.5pt solid #0b211d;margin-right:2mm;vertical-align:-.6mm;print-color-adjust:exact;-webkit-print-color-adjust:exact}
@page{margin:16mm}
*{box-sizing:border-box}
body{font:11pt/1.4 "Atkinson Hyperlegible Next","Atkinson Hyperlegible",Verdana,sans-serif;color:#0b211d;max-width:180mm;margin:0 auto;padding:8mm 4mm}
h1{font-size:26pt;margin:0}h2{font-size:14pt;margin:8mm 0 2mm;break-after:avoid}
header p{margin:0;color:#436058}
.totals{display:flex;flex-wrap:wrap;gap:4mm 8mm;border-block:1.5pt solid #0b211d;padding:3mm 0;margin-top:4mm}
.totals b{display:block;font-size:18pt;font-variant-numeric:tabular-nums}.totals span{color:#436058}
ol{list-style:none;padding:0;margin:0}
li{break-inside:avoid}
ol li{display:flex;gap:4mm;padding:2mm 0;border-top:.5pt solid #6c877e}
.box{flex:none;width:5mm;height:5mm;border:1pt solid #0b211d;margin-top:1mm}
small,.caution,footer{color:#436058;font-size:9.5pt}
table{border-collapse:collapse;width:100%}th,td{text-align:left;padding:1.2mm 3mm 1.2mm 0;border-top:.5pt solid #bfd0c9;vertical-align:top;font-variant-numeric:tabular-nums}
.tag{font-family:"Martian Mono",monospace;font-size:9.5pt;border:.75pt solid #1848b4;color:#1848b4;padding:0 1.2mm;white-space:nowrap}
pre{white-space:pre-wrap;font:10pt/1.45 "Martian Mono",monospace;border-left:2pt solid #e3b400;padding-left:4mm;break-inside:avoid-page}
.note{color:#a92414}
.stop b{color:#a92414}
.trouble{border:1.5pt solid #a92414;padding:0 4mm}
footer{margin-top:8mm;border-top:1pt solid #0b211d;padding-top:2mm}
`;
