import { useEffect, useRef, useState } from 'react';
import { givenFile, type GivenFile } from '../../documents';

/** Files that are dropped anywhere on the screen; whether some are held over it. */
export function useDropped(take: (files: GivenFile[]) => void): boolean {
  const [over, setOver] = useState(false);
  const latest = useRef(take);
  useEffect(() => {
    latest.current = take;
  });
  useEffect(() => {
    const holds = (event: DragEvent) => event.dataTransfer?.types.includes('Files') === true;
    const hover = (event: DragEvent) => {
      if (!holds(event)) return;
      event.preventDefault();
      setOver(true);
    };
    const leave = (event: DragEvent) => {
      if (event.relatedTarget === null) setOver(false);
    };
    const drop = (event: DragEvent) => {
      if (!holds(event)) return;
      event.preventDefault();
      setOver(false);
      void Promise.all([...event.dataTransfer!.files].map(givenFile)).then((files) => latest.current(files));
    };
    window.addEventListener('dragover', hover);
    window.addEventListener('dragleave', leave);
    window.addEventListener('drop', drop);
    return () => {
      window.removeEventListener('dragover', hover);
      window.removeEventListener('dragleave', leave);
      window.removeEventListener('drop', drop);
    };
  }, []);
  return over;
}
