/** Where each arrow leads in a group of choices. */
const STEPS: Readonly<Record<string, number>> = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 };

const radiosIn = (group: Element): HTMLElement[] =>
  [...group.querySelectorAll<HTMLElement>('[role=radio]')].filter(
    (r) => r.closest('[role=radiogroup]') === group && r.getAttribute('aria-disabled') !== 'true',
  );

/** One of a group stands in the order of Tab: the chosen one, else the first. */
function settle(group: Element): void {
  const radios = radiosIn(group);
  const stop = radios.find((r) => r.getAttribute('aria-checked') === 'true') ?? radios[0];
  for (const r of radios) if (r.tabIndex !== (r === stop ? 0 : -1)) r.tabIndex = r === stop ? 0 : -1;
}

/**
 * Makes every group of choices on the page one stop of Tab, in which arrows choose (WAI-ARIA Authoring Practices, radio group). One listener for
 * the whole page: a group is one wherever it is drawn. Gives what takes it away again.
 */
export function keepRadioGroups(root: Document): () => void {
  const settleAll = () => root.querySelectorAll('[role=radiogroup]').forEach(settle);
  const watcher = new MutationObserver(settleAll);
  watcher.observe(root.body, {
    subtree: true,
    childList: true,
    attributes: true,
    attributeFilter: ['aria-checked', 'role', 'tabindex', 'aria-disabled'],
  });
  settleAll();
  const hear = (event: KeyboardEvent) => {
    const step = STEPS[event.key];
    const here = event.target as HTMLElement | null;
    if (!step || event.ctrlKey || event.altKey || event.metaKey || here?.getAttribute?.('role') !== 'radio')
      return;
    const group = here.closest('[role=radiogroup]');
    if (!group) return;
    // An arrow in a group of choices chooses and does nothing else.
    event.preventDefault();
    event.stopPropagation();
    const radios = radiosIn(group);
    const next = radios[(radios.indexOf(here) + step + radios.length) % radios.length];
    next?.focus();
    // Where nothing is chosen yet, an answer is not given by the way: Enter or Space gives it.
    if (radios.some((r) => r.getAttribute('aria-checked') === 'true')) next?.click();
  };
  root.addEventListener('keydown', hear, true);
  return () => {
    watcher.disconnect();
    root.removeEventListener('keydown', hear, true);
  };
}
