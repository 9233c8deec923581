import { own } from '../own';
import { materialLines, materialsOf, planOf } from '../plan';
import {
  loadSaid,
  practiceTests,
  signoffRefusals,
  signoffWords,
  testedName,
  testLine,
  thingName,
  withTests,
} from '../record';
import { attachedTo, checkToy, profileOf, sewnTwice, testsOf, type ToldPoint } from '../safety';
import type { ToyModel } from '../model';
import type { PieceMade, PullTest, TestKind, ToyFile } from '../toy';
import { language, materialWords, recordWords as say, safetyWords, unitWords } from '../words';
import { csvOf } from './csv';
import { escaped } from './escaped';
import { SHEET_STYLE } from './sheetStyle';

const day = (at: string): string => at.slice(0, 10);
const rows = (cells: readonly (readonly string[])[]): string =>
  cells
    .map(
      ([head, ...rest]) =>
        `<tr><th scope="row">${head}</th>${rest.map((c) => `<td>${c}</td>`).join('')}</tr>`,
    )
    .join('');

/** The curve of a test as a small drawing: time across, load up, its target as a line. Empty where only a reading was typed. */
export function curveSvg({ curve, rule, peak }: PullTest): string {
  if (curve.length < 2) return '';
  const [w, h] = [180, 60];
  const [from, to] = [curve[0][0], curve[curve.length - 1][0]];
  const most = Math.max(peak, rule.target) * 1.1;
  const x = (t: number) => ((w * (t - from)) / Math.max(to - from, 1e-9)).toFixed(1);
  const y = (n: number) => (h - (h * Math.max(0, n)) / most).toFixed(1);
  const line = curve.map(([t, n], i) => `${i === 0 ? 'M' : 'L'}${x(t)} ${y(n)}`).join('');
  return `<svg viewBox="0 0 ${w} ${h}" width="${w}" height="${h}" role="img"><path d="M0 ${y(rule.target)}H${w}" stroke="#a92414" stroke-dasharray="4 3" fill="none"/><path d="${line}" stroke="#0b211d" fill="none"/></svg>`;
}

/** The record of one piece as a document that prints on A4 and Letter: what it is made of, what is fixed on and how, tests, what happened, the caution. */
export function recordHtml(model: ToyModel, file: ToyFile, piece: PieceMade): string {
  const { toy } = model;
  const profile = profileOf(toy);
  const points = withTests(checkToy(model), model, file);
  const head = rows([
    [say.sheet.begun, escaped(day(piece.at))],
    [say.sheet.maker, escaped(piece.maker)],
    [say.sheet.forWhom, escaped(safetyWords.ages[toy.settings.age])],
    [say.sheet.rules, escaped(`${profile.name}: ${profile.source}, ${profile.year}`)],
  ]);
  return page(
    `${toy.name}, ${say.sheet.piece(piece.number)}`,
    `<header><h1>${escaped(toy.name)}</h1><p>${escaped(say.sheet.piece(piece.number))}</p></header>
<table>${head}</table>
<p><b>${escaped(state(piece))}</b></p>${sinceHtml(model, file, piece)}
<h2>${say.sheet.materials}</h2><table>${materialRows(model, piece)}</table>
<h2>${say.sheet.fixings}</h2><table>${fixingRows(model)}</table>
<h2>${say.sheet.tests}</h2><table>${testRows(model, file)}</table>${practiceHtml(model, file)}
<p>${escaped(say.sheet.pins(piece.pinsOut, piece.pinsIn))}</p>
${piece.notes.length > 0 ? `<h2>${say.sheet.happened}</h2><table>${rows(piece.notes.map((n) => [day(n.at), say.sheet.notes[n.what], escaped(n.words)]))}</table>` : ''}
<h2>${say.sheet.points}</h2><ul>${points.map(pointLi).join('')}</ul>
<footer>${escaped(safetyWords.caution)}</footer>`,
  );
}

function state({ spent, rejected, signedOff }: PieceMade): string {
  if (rejected !== null) return say.sheet.putAside(rejected);
  if (spent) return say.sheet.spent;
  return signedOff ? say.sheet.signed(signedOff.by, day(signedOff.at)) : say.sheet.notSigned;
}

/** What keeps a piece that was signed off from being signed off today. */
function sinceHtml(model: ToyModel, file: ToyFile, piece: PieceMade): string {
  if (!piece.signedOff || piece.spent) return '';
  const since = signoffRefusals(model, file, piece).map(signoffWords);
  if (since.length === 0) return '';
  return `<p>${escaped(say.notNow)}</p><ul>${since.map((w) => `<li>${escaped(w)}</li>`).join('')}</ul>`;
}

function practiceHtml(model: ToyModel, file: ToyFile): string {
  const n = practiceTests(model, file).length;
  return n === 0 ? '' : `<p><b>${escaped(say.practice(n))}</b></p>`;
}

const lotSaid = (lot: string | undefined): string => (lot ? say.sheet.lot(lot) : say.sheet.noLot);

function materialRows(model: ToyModel, piece: PieceMade): string {
  const lines = materialLines(model, materialsOf(model, planOf(model))).filter((l) => l.group !== 'tools');
  return rows(
    lines.map((l) => [escaped(l.name), escaped(l.amount), escaped(lotSaid(own(piece.lots, l.key)))]),
  );
}

/** What is attached, by what. */
function fixingRows(model: ToyModel): string {
  const { toy } = model;
  const buried =
    toy.safety.buriedMm === null
      ? say.sheet.buriedNot
      : say.sheet.buried(unitWords(toy.settings.units).length(toy.safety.buriedMm));
  const seams = new Map(
    model.sites.flatMap(({ join, sites }) =>
      sites.map((s) => [
        `join:${join.id}:${s.copy}`,
        say.sheet.seams(s.guestEdge, sewnTwice(join.seam, toy.settings.age)),
      ]),
    ),
  );
  return rows(
    attachedTo(model).map((a) => [
      escaped(thingName(a)),
      escaped(
        [seams.get(a.key) ?? (a.mm === null ? '' : materialWords.mm(String(a.mm))), buried]
          .filter(Boolean)
          .join('; '),
      ),
    ]),
  );
}

/** What was tried, and how; a seam says it itself. */
const tried = (name: string, kind: TestKind): string =>
  kind === 'seam' ? name : `${name}, ${say.kinds[kind]}`;

function testRows(model: ToyModel, file: ToyFile): string {
  const number = (id: string) => file.pieces.find((p) => p.id === id)?.number ?? '';
  const made = file.pullTests.map((t) => [
    escaped(tried(testedName(model, t), t.kind)),
    escaped(
      [day(t.at), say.sheet.ofPiece(number(t.piece)), t.by, say.instruments[t.instrument]]
        .filter(Boolean)
        .join(', '),
    ),
    escaped(`${loadSaid(t.rule.target, t.kind)}: ${testLine(t)}${t.note ? `; ${t.note}` : ''}`),
    curveSvg(t),
  ]);
  const open = attachedTo(model).flatMap((a) =>
    testsOf(a)
      .filter((kind) => !file.pullTests.some((t) => t.thing === a.key && t.kind === kind))
      .map((kind) => [escaped(tried(thingName(a), kind)), say.sheet.noTestOf, '', '']),
  );
  return rows([...made, ...open]);
}

const pointLi = (p: ToldPoint): string =>
  `<li class="${p.weight}"><b>${escaped(`${safetyWords.weights[p.weight]}: ${p.title}`)}</b>${p.answered === null ? '' : ` ${escaped(safetyWords.answered(p.answered))}`}</li>`;

/** Label and care text of one piece: to be sewn in or tied on. */
export function labelHtml(model: ToyModel, file: ToyFile, piece: PieceMade): string {
  const { toy } = model;
  const { washable } = toy.safety;
  const wash = washable === null ? say.label.washNot : washable ? say.label.wash : say.label.notWash;
  const ages = piece.spent
    ? say.label.spent
    : piece.signedOff && signoffRefusals(model, file, piece).length === 0
      ? say.label.forAge[toy.settings.age]
      : say.label.notSigned;
  const lines = [
    ...(piece.maker ? [say.label.madeBy(piece.maker)] : []),
    say.label.piece(piece.number),
    wash,
    say.label.wear,
  ];
  return page(
    `${toy.name}, ${say.label.title}`,
    `<div class="label"><h1>${escaped(toy.name)}</h1><p><b>${escaped(ages)}</b></p>${lines.map((l) => `<p>${escaped(l)}</p>`).join('')}<p class="caution">${escaped(safetyWords.caution)}</p></div>`,
  );
}

const page = (title: string, body: string): string =>
  `<!doctype html>
<html lang="${language()}"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><title>${escaped(title)}</title><style>${SHEET_STYLE}</style></head>
<body>${body}</body></html>
`;

const CSV_HEAD = [
  'date',
  'toy',
  'piece',
  'thing',
  'test',
  'target',
  'peak',
  'held s',
  'verdict',
  'why',
  'instrument',
  'by',
  'note',
];
/** Every test of a file as comma-separated values, one line each. */
export function testsCsv(model: ToyModel, file: Pick<ToyFile, 'pieces' | 'pullTests'>): string {
  const number = (id: string) => file.pieces.find((p) => p.id === id)?.number ?? '';
  const lines = file.pullTests.map((t) => [
    t.at,
    model.toy.name,
    number(t.piece),
    testedName(model, t),
    t.kind,
    String(t.rule.target),
    t.peak.toFixed(2),
    t.heldS.toFixed(2),
    t.verdict,
    t.why,
    t.instrument,
    t.by,
    t.note,
  ]);
  return csvOf([CSV_HEAD, ...lines]);
}
