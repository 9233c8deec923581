/** Console lines that the browser's own drivers write, word for word; anything else fails a test. */
export const ALLOWED: readonly string[] = [
  // Journeys that are not about working offline forbid it: a fifth of their time went into keeping files.
  'Service Worker registration blocked by Playwright',
];
