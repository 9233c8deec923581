import { decimals, inSentence, language, materialWords, sheetWords as say, unitWords } from '../words';
import { bothFillings, fillBetween, zonesOf, type PartModel, type ToyModel } from '../model';
import {
  costOf,
  endLine,
  materialLines,
  materialsOf,
  planOf,
  type MaterialLine,
  type YarnEnds,
} from '../plan';
import { escaped } from './escaped';

/** What a toy takes, a line a thing. */
const linesOf = (model: ToyModel): MaterialLine[] => materialLines(model, materialsOf(model, planOf(model)));

const groups = (lines: readonly MaterialLine[]): [string, MaterialLine[]][] =>
  [...new Set(lines.map((l) => l.group))].map((group) => [
    materialWords.groups[group],
    lines.filter((l) => l.group === group),
  ]);

const costWords = (model: ToyModel): string | null => {
  const cost = costOf(model, materialsOf(model, planOf(model)));
  if (!cost) return null;
  const sum = materialWords.cost(decimals(cost.sum, 2));
  return cost.without > 0 ? `${sum}; ${materialWords.costWithout(cost.without)}` : sum;
};

/** The shopping list as rows with a box to tick, each with its sample of colour and its word. */
export function shoppingRows(model: ToyModel): string {
  const rows = groups(linesOf(model)).map(
    ([group, lines]) =>
      `<tr><th colspan="3" scope="rowgroup">${escaped(group)}</th></tr>${lines
        .map(
          (l) =>
            `<tr><td><i class="box"></i></td><td>${l.colour ? `<i class="swatch" style="background:${escaped(l.colour)}"></i>` : ''}<b>${escaped(l.name)}</b></td><td>${escaped([l.amount, ...l.notes].join('; '))}</td></tr>`,
        )
        .join('')}`,
  );
  const cost = costWords(model);
  return `${rows.join('')}${cost ? `<tr><td></td><td colspan="2">${escaped(cost)}</td></tr>` : ''}`;
}

/** Ends that several copies leave alike, told once. */
function endsTold(model: ToyModel, ends: readonly YarnEnds[]): { end: YarnEnds; together: boolean }[] {
  const alike = new Map<string, YarnEnds[]>();
  for (const end of ends) {
    const key = JSON.stringify([
      end.part,
      end.what,
      end.job,
      end.at,
      end.eachMm,
      end.count,
      end.side,
      end.thread,
    ]);
    alike.set(key, [...(alike.get(key) ?? []), end]);
  }
  return [...alike.values()].flatMap((same): { end: YarnEnds; together: boolean }[] => {
    const copies = model.parts.find((p) => p.part.id === same[0].part)?.copies.length ?? 1;
    const together = copies > 1 && same.length === copies;
    return together
      ? [{ end: { ...same[0], leaves: null }, together }]
      : same.map((end) => ({ end, together }));
  });
}

/** Every end of yarn and thread: what, how long, what for. */
export const endRows = (model: ToyModel): string =>
  endsTold(model, planOf(model).ends)
    .map(({ end, together }) => endLine(end, model, together))
    .map(
      (l) =>
        `<tr><th scope="row">${escaped(l.what)}</th><td>${escaped(l.length)}</td><td>${escaped(l.detail)}</td></tr>`,
    )
    .join('');

/** How each length of a part is filled, or of every part. */
export function fillLines(model: ToyModel, only?: PartModel): string[] {
  const units = unitWords(model.toy.settings.units);
  return (only ? [only] : model.parts).flatMap((part) =>
    part.form.section !== 'ring'
      ? []
      : zonesOf(part).map((z) => {
          const grams = bothFillings(fillBetween(model, part, z.from, z.to));
          const [from, to] = [part.fabric.rounds[z.from].label, part.fabric.rounds[z.to].label];
          return say.zone(
            part.name,
            from === to ? from : `${from}–${to.slice(1)}`,
            z.fill,
            grams.value > 0
              ? say.range(
                  units.weight(grams.value),
                  units.bareWeight(grams.low),
                  units.bareWeight(grams.high),
                )
              : null,
          );
        }),
  );
}

/** Materials, ends and filling as plain text. */
export function shoppingText(model: ToyModel): string[] {
  const cost = costWords(model);
  return [
    `${say.materials}:`,
    ...groups(linesOf(model)).flatMap(([group, lines]) => [
      `  ${group}`,
      ...lines.map((l) => `    ${[`${l.name}: ${l.amount}`, ...l.notes].join('; ')}`),
    ]),
    ...(cost ? [`  ${cost}`] : []),
    `${say.ends}:`,
    ...endsTold(model, planOf(model).ends)
      .map(({ end, together }) => endLine(end, model, together))
      .map((l) => `  ${l.what}: ${l.length}, ${l.detail}`),
    `${say.filling}:`,
    ...fillLines(model).map((l) => `  ${l}`),
  ];
}

/** The shopping list alone, on one page. */
export function shoppingHtml(model: ToyModel): string {
  return `<!doctype html>
<html lang="${language()}"><head><meta charset="utf-8"><title>${escaped(model.toy.name)}: ${say.materials}</title><style>
@page{margin:16mm}
body{font:11pt/1.4 "Atkinson Hyperlegible Next","Atkinson Hyperlegible",Verdana,sans-serif;color:#0b211d;max-width:180mm;margin:0 auto}
h1{font-size:22pt;margin:0 0 4mm}
table{border-collapse:collapse;width:100%}th,td{text-align:left;padding:1.6mm 3mm 1.6mm 0;border-top:.5pt solid #bfd0c9;vertical-align:top;font-variant-numeric:tabular-nums}
th{font-size:13pt;border-top:1.5pt solid #0b211d}
.box{display:block;width:4.500mm;height:4.500mm;border:1pt solid #0b211d}
.swatch{display:inline-block;width:4mm;height:4mm;border:.5pt solid #0b211d;margin-right:2mm;vertical-align:-.6mm;print-color-adjust:exact;-webkit-print-color-adjust:exact}
</style></head><body><h1>${escaped(model.toy.name)}: ${inSentence.name(say.materials)}</h1><table>${shoppingRows(model)}</table></body></html>
`;
}
