import { exportFile, fileName } from '@hoppla/core/files';
import type { ToyFile } from '@hoppla/core/toy';

/** Hands a text to the browser as a download. */
export function download(name: string, type: string, text: string): void {
  const url = URL.createObjectURL(new Blob([text], { type }));
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  document.body.append(link);
  link.click();
  link.remove();
  setTimeout(() => URL.revokeObjectURL(url), 1000);
}

/** Downloads a toy as its documented JSON. */
export const downloadToy = (file: ToyFile): void =>
  download(fileName(file.toy.name, 'hoppla.json'), 'application/json', exportFile(file));

/** A file that the maker gives. */
export interface GivenFile {
  name: string;
  bytes: Uint8Array<ArrayBuffer>;
}

export const givenFile = async (file: File): Promise<GivenFile> => ({
  name: file.name,
  bytes: new Uint8Array(await file.arrayBuffer()),
});

/** Lets the maker choose one file; null when none was chosen. */
export function chooseFile(accept: string): Promise<GivenFile | null> {
  return new Promise((resolve) => {
    const input = document.createElement('input');
    input.type = 'file';
    input.accept = accept;
    input.addEventListener('change', () => {
      const file = input.files?.[0];
      if (!file) return resolve(null);
      givenFile(file).then(resolve, () => resolve(null));
    });
    input.addEventListener('cancel', () => resolve(null));
    input.click();
  });
}

/** Opens the browser's print dialogue on a document of its own, in true size. */
export function printDocument(html: string): void {
  const frame = document.createElement('iframe');
  frame.setAttribute('aria-hidden', 'true');
  Object.assign(frame.style, { position: 'fixed', width: '0', height: '0', border: '0' });
  frame.srcdoc = html;
  frame.addEventListener('load', () => {
    frame.contentWindow?.addEventListener('afterprint', () => frame.remove());
    frame.contentWindow?.focus();
    frame.contentWindow?.print();
  });
  document.body.append(frame);
}
