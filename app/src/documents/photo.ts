import { MOST_PHOTO } from '@hoppla/core/toy';

/** The longer side of a picture that is kept, px, and ever less until it is small enough. */
const SIDES = [640, 480, 360, 240];
const QUALITY = 0.72;

/** A picture that the maker gives, scaled down to what a toy's file holds, as a data URL; null where it is no picture that this browser can show. */
export async function smallPicture(bytes: Uint8Array<ArrayBuffer>): Promise<string | null> {
  let picture: ImageBitmap;
  try {
    picture = await createImageBitmap(new Blob([bytes]));
  } catch {
    return null;
  }
  const { width, height } = picture;
  for (const side of SIDES) {
    const scale = Math.min(1, side / Math.max(width, height));
    const canvas = document.createElement('canvas');
    canvas.width = Math.max(1, Math.round(width * scale));
    canvas.height = Math.max(1, Math.round(height * scale));
    const context = canvas.getContext('2d');
    if (!context) return null;
    // What is clear in a picture lies on white paper.
    context.fillStyle = '#ffffff';
    context.fillRect(0, 0, canvas.width, canvas.height);
    context.drawImage(picture, 0, 0, canvas.width, canvas.height);
    const url = canvas.toDataURL('image/jpeg', QUALITY);
    if (url.length <= MOST_PHOTO) return url;
  }
  return null;
}
