import { holeTag } from '../address';
import {
  discMm,
  reachSentence,
  schoolsOf,
  wordsContext,
  type EyePair,
  type EyesAt,
  type Head,
  type Nose,
  type NoseAt,
} from '../feature';
import { insideRound } from '../form';
import { planOf, satinThreadMm, stepCheckWords, type PostsTask } from '../plan';
import { headOf, type PartModel, type ToyModel } from '../model';
import { faceWords, language, safetyWords, type UnitWords, unitWords } from '../words';
import { piecesToCut, templateSvgs, tooLarge } from './cutting';
import { escaped } from './escaped';
import { frontView, drawingOf } from './faceDrawing';
import { patchList, sculptList, stitchedList, transferSvg } from './threadDrawing';

const say = faceWords.map;

/** What is drawn at most, mm: it fits between the margins of A4 and of Letter. */
export const MOST = { wide: 180, tall: 150 };

/** One part's face as it is now. */
export interface Faced {
  model: ToyModel;
  part: PartModel;
  head: Head;
  eyes: EyePair;
  at: EyesAt;
  nose: { nose: Nose; at: NoseAt } | null;
  units: UnitWords;
}

const sharesACopy = (a: { copy: string | null }, b: { copy: string | null }): boolean =>
  a.copy === null || b.copy === null || a.copy === b.copy;

/** The faces of a toy that can be drawn: every pair of eyes that has its round. */
function facesIn(model: ToyModel, partId?: string): Faced[] {
  return model.eyes.flatMap(({ eyes, state }) => {
    const part = model.parts.find((p) => p.part.id === eyes.part);
    if (!part || state.state === 'homeless' || (partId !== undefined && partId !== eyes.part)) return [];
    const own = model.noses.find((n) => n.nose.part === eyes.part && sharesACopy(n.nose, eyes));
    return [
      {
        model,
        part,
        head: headOf(model, part),
        eyes,
        at: state,
        nose: own && own.state.state !== 'homeless' ? { nose: own.nose, at: own.state } : null,
        units: unitWords(model.toy.settings.units),
      },
    ];
  });
}

/** The face of each part that has eyes, from the front in true size: one SVG a pair of eyes, its lengths in mm. */
export function faceMapSvgs(model: ToyModel): { name: string; svg: string }[] {
  return facesIn(model).map((face) => ({ name: face.part.name, svg: drawingOf(face) }));
}

/**
 * The face map of one part as an HTML document that prints in true size on A4 and Letter: the face from the front, places in every school asked for (all of
 * them without `schools`), when, what to have ready, the checks before the click, and templates to cut. `null` when the part has no eyes on it.
 */
export function faceMapHtml(model: ToyModel, partId: string, schools?: readonly string[]): string | null {
  const face = facesIn(model, partId)[0];
  if (!face) return null;
  const { part, head, eyes, at, units } = face;
  const { window, spacing } = at;
  const into = insideRound(window.possible);
  const words = schoolsOf(wordsContext(head, eyes.pair.centre.by, eyes), at).filter(
    (s) => !schools || schools.includes(s.id),
  );
  const round = (n: number | null) => (n === null ? say.never : `R${n}`);
  const step = planOf(model).steps.find((s): s is PostsTask => s.kind === 'eyes' && s.feature === eyes.id);
  const pieces = piecesToCut(model, partId);
  const templates = templateSvgs(pieces);
  const large = tooLarge(pieces);
  const stitched = stitchedList(face);
  const laid = patchList(face);
  const shaped = sculptList(face);
  const transfer = transferSvg(face, frontView(face));
  const list = (items: readonly string[]) =>
    `<ul>${items.map((i) => `<li>${escaped(i)}</li>`).join('')}</ul>`;
  return `<!doctype html>
<html lang="${language()}"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><title>${escaped(model.toy.name)}: ${say.title}</title><style>${STYLE}</style></head>
<body><header><h1>${escaped(`${model.toy.name}. ${say.heading(part.name)}`)}</h1><p>${say.trueSize} ${say.seen}</p></header>
${drawingOf(face)}
<p class="lead" data-apart="${spacing.straightMm.value.toFixed(3)}">${escaped(say.straight(units.length(spacing.straightMm.value), units.bare(spacing.straightMm.low), units.bare(spacing.straightMm.high)))}. ${escaped(at.names.map((n) => tagOf(n)).join(' · '))}${eyes.pair.linked ? '' : `. ${say.crooked}`}</p>
<div class="two"><section><h2>${say.schools}</h2>${list(words.map((w) => w.words))}</section>
<section><h2>${say.window}</h2><p>${window.known ? `${say.windowOf(round(window.first), round(window.lastComfortable), round(window.lastPossible))} ${escaped(reachSentence(window, units) ?? '')}` : faceWords.windowNotKnown}${into ? ` ${say.into(round(into.round), into.stitches)}` : ''}</p><h2>${say.ready}</h2>${list(readyFor(face))}</section></div>
${step && step.checks.length ? `<section><h2>${say.checks}</h2><ul class="boxes">${step.checks.map((c) => `<li><i></i>${escaped(stepCheckWords(step, c, model))}</li>`).join('')}</ul></section>` : ''}
${stitched.length ? `<section><h2>${say.needle}</h2>${list(stitched)}</section>` : ''}
${laid.length ? `<section><h2>${say.felts}</h2>${list(laid)}</section>` : ''}
${shaped.length ? `<section><h2>${say.sculpt}</h2>${list(shaped)}</section>` : ''}
${transfer ? `<section class="cut"><h2>${say.transfer}</h2>${transfer}</section>` : ''}
${templates.map((t) => `<section class="cut"><h2>${say.cut}</h2>${t}</section>`).join('\n')}${large.length ? list(large) : ''}
<footer>${eyes.making === 'safety eye' || face.nose?.nose.making === 'safety nose' ? `${say.age} ` : ''}${escaped(safetyWords.caution)}</footer></body></html>
`;
}

export const tagOf = (name: Parameters<typeof holeTag>[0]): string => {
  const { rounds, stitches } = holeTag(name);
  return `${rounds} | ${stitches}`;
};

function readyFor({ eyes, at, nose, units }: Faced): string[] {
  const ready: string[] = [];
  if (eyes.making === 'safety eye')
    ready.push(say.eyes(String(eyes.eyeMm), String(eyes.postMm), String(eyes.washerMm)));
  else ready.push(say.embroidered(String(eyes.eyeMm), units.end(satinThreadMm(eyes.eyeMm, eyes.eyeMm))));
  const disc = discMm(eyes, at.retention.band);
  if (eyes.making === 'safety eye' && disc !== null) ready.push(say.discs(2, String(disc)));
  if (eyes.felt) ready.push(say.felt(2, String(eyes.felt.mm)));
  if (nose) {
    const { nose: n } = nose;
    ready.push(
      n.making === 'safety nose'
        ? say.nose(String(n.widthMm), String(n.heightMm), String(n.postMm), String(n.washerMm))
        : say.embroideredNose(
            String(n.widthMm),
            String(n.heightMm),
            units.end(satinThreadMm(n.widthMm, n.heightMm)),
          ),
    );
    if (n.felt) ready.push(say.felt(1, String(n.felt.mm)));
  }
  return [...ready, say.always];
}

const STYLE = `
@page{margin:12mm}
*{box-sizing:border-box}
body{font:10pt/1.35 "Atkinson Hyperlegible Next","Atkinson Hyperlegible",Verdana,sans-serif;color:#0b211d;max-width:186mm;margin:0 auto;padding:0}
@media screen{body{padding:6mm 4mm}}
h1{font-size:18pt;line-height:1.15;margin:0}h2{font-size:11.5pt;margin:3mm 0 1mm;break-after:avoid}
header p,p{margin:0 0 1.5mm}header p{color:#436058}
svg{display:block;margin:2mm auto 0;max-width:none}
.lead{font-weight:700;font-variant-numeric:tabular-nums}
.two{display:flex;gap:8mm}.two section{flex:1}
ul{margin:0;padding-left:4.5mm}li{break-inside:avoid}
.boxes{list-style:none;padding:0;columns:2;column-gap:8mm}.boxes i{display:inline-block;width:3.6mm;height:3.6mm;border:.3mm solid #0b211d;margin-right:2mm;vertical-align:-.6mm}
.cut{break-inside:avoid}.cut svg{margin-left:0}
footer{margin-top:4mm;border-top:.4mm solid #0b211d;padding-top:1.5mm;color:#436058;font-size:8.5pt}
`;
