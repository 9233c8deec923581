import { modelToy, type ToyModel } from '../model';
import { boundsOf } from '../picture';
import type { ToyFile } from '../toy';
import { language, sheetWords as say, unitWords, type UnitWords } from '../words';
import { escaped, inline } from './escaped';
import { SHEET_STYLE } from './sheetStyle';
import { toyPicture, type ToyPicture } from './toyPicture';

/** Room for one toy, mm: three stand beside each other on a page. */
const ROOM = { mostWide: 52, mostTall: 70 };

/** A toy as it stands among the others on paper. */
export interface OnPaper {
  name: string;
  collection: string;
  /** its size, finished, in its own units; empty where nothing of it is put together */
  size: string;
  /** its picture at a scale; null where nothing is there to draw */
  drawn: (mostScale?: number) => ToyPicture | null;
}

function sizeOf({ placed }: ToyModel, units: UnitWords): string {
  if (placed.length === 0) return '';
  const { left, right, top, bottom } = boundsOf(placed);
  return say.card(units.length(right - left), units.length(bottom - top));
}

/** A toy that cannot be read here: it is told, and not left out. */
export const notOnPaper = (name: string): OnPaper => ({
  name,
  collection: '',
  size: say.benchUnread,
  drawn: () => null,
});

/** What the sheet of a bench shows of one toy. Some hundredths of a second. */
export function onPaper({ toy }: ToyFile): OnPaper {
  const model = modelToy(toy);
  const units = unitWords(toy.settings.units);
  return {
    name: toy.name,
    collection: toy.collection ?? '',
    size: sizeOf(model, units),
    drawn: (mostScale) => toyPicture(model, 'front', { ...ROOM, stitches: false, mostScale }),
  };
}

/** All toys of a bench on paper, at one scale, each with its name and its size. `day` stands at the top, in words. */
export function benchHtml(toys: readonly OnPaper[], day: string): string {
  const scale = Math.min(1, ...toys.map((t) => t.drawn()?.scale ?? 1));
  const figures = toys.map(({ name, collection, size, drawn }) => {
    const picture = drawn(scale);
    const words = [size, collection].filter((w) => w !== '').map(escaped);
    return `<figure>${picture ? inline(picture.svg) : ''}<figcaption><b>${escaped(name)}</b>${words.map((w) => `<br>${w}`).join('')}</figcaption></figure>`;
  });
  return `<!doctype html>
<html lang="${language()}"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><title>${say.bench}</title><style>${SHEET_STYLE}
.toys{display:grid;grid-template-columns:repeat(3,1fr);gap:8mm 6mm;margin-top:6mm}.toys figure{margin:0;break-inside:avoid;align-self:end}.toys svg{display:block;max-width:100%}
</style></head><body><header><h1>${say.bench}</h1><p>${say.printed(escaped(day))}. ${say.picture(Math.round(scale * 100))}</p></header><section class="toys">${figures.join('\n')}</section></body></html>
`;
}
