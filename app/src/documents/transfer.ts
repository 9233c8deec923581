import { exportFile, fileName } from '@hoppla/core/files';
import type { ToyFile } from '@hoppla/core/toy';

/** Hands a text to the browser as a download. */
export const download = (name: string, type: string, text: string): void =>
  downloadBlob(name, new Blob([text], { type }));

/** Hands bytes to the browser as a download. */
export function downloadBlob(name: string, blob: Blob): void {
  const url = URL.createObjectURL(blob);
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

/** Lets the maker choose files; none when none was chosen. */
export function chooseFiles(accept: string, many = true): Promise<GivenFile[]> {
  return new Promise((resolve) => {
    const input = document.createElement('input');
    input.type = 'file';
    input.accept = accept;
    input.multiple = many;
    input.addEventListener('change', () => {
      Promise.all([...(input.files ?? [])].map(givenFile)).then(resolve, () => resolve([]));
    });
    input.addEventListener('cancel', () => resolve([]));
    input.click();
  });
}

/** Lets the maker choose one file; null when none was chosen. */
export const chooseFile = async (accept: string): Promise<GivenFile | null> =>
  (await chooseFiles(accept, false))[0] ?? null;

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
