const LETTERS = 'abcdefghijkmnpqrstuvwxyz23456789';

/** A new random id of twelve letters (60 bits). */
export function newId(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(12));
  return Array.from(bytes, (b) => LETTERS[b & 31]).join('');
}
