/** Console lines that the browser's own drivers write, word for word; anything else fails a test. None so far. */
export const ALLOWED: readonly string[] = [];
