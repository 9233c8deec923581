import { EditorView, ViewPlugin } from '@codemirror/view';

/** The rest of the screen has its new place by then, ms. */
const SETTLED_MS = 160;

/** Keeps the line that is typed in sight when the room for it changes, as when a keyboard comes up. */
export const caretInSight = ViewPlugin.define((view) => {
  let timer: ReturnType<typeof setTimeout> | undefined;
  const look = () => {
    clearTimeout(timer);
    timer = setTimeout(() => {
      if (view.hasFocus)
        view.dispatch({
          effects: EditorView.scrollIntoView(view.state.selection.main.head, { y: 'center' }),
        });
    }, SETTLED_MS);
  };
  const rooms = [window, window.visualViewport];
  rooms.forEach((room) => room?.addEventListener('resize', look));
  return {
    destroy: () => {
      clearTimeout(timer);
      rooms.forEach((room) => room?.removeEventListener('resize', look));
    },
  };
});
