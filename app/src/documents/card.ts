import { CARD, cardSvg } from '@hoppla/core/files';
import type { ToyModel } from '@hoppla/core/model';

/** The picture card of a toy as a PNG. @throws where this browser cannot draw it */
export async function cardPng(model: ToyModel): Promise<Blob> {
  const picture = new Image();
  picture.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(cardSvg(model))}`;
  await picture.decode();
  const canvas = document.createElement('canvas');
  canvas.width = CARD;
  canvas.height = CARD;
  canvas.getContext('2d')!.drawImage(picture, 0, 0);
  return new Promise((resolve, reject) =>
    canvas.toBlob((png) => (png ? resolve(png) : reject(new Error('no picture'))), 'image/png'),
  );
}
