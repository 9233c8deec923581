/** Tokens of one line of written rounds. Offsets are UTF-16 units from the start of the line. */
export interface Token {
  type: 'number' | 'ordinal' | 'word' | 'sign';
  /** lower case, with copied signs made plain */
  text: string;
  from: number;
  to: number;
}

const PLAIN: Record<string, string> = { '×': 'x', '✕': 'x', '∗': '*', '·': ' ', '•': ' ', '▪': ' ', '●': ' ', '“': '"', '”': '"', '’': "'", '…': '.' };

/**
 * Makes the signs of copied text plain without moving a single offset: dashes of all kinds, times signs, bullets,
 * no-break spaces, full-width digits and brackets. Same length as the input.
 */
export function plainSigns(line: string): string {
  let out = '';
  for (let i = 0; i < line.length; i++) {
    const c = line[i];
    const code = line.charCodeAt(i);
    if (code < 128) out += c;
    else if (PLAIN[c]) out += PLAIN[c];
    else if (code === 0xa0 || (code >= 0x2000 && code <= 0x200b) || code === 0x202f || code === 0x3000 || code === 0xfeff) out += ' ';
    else if ((code >= 0x2010 && code <= 0x2015) || code === 0x2212) out += '-';
    else if (code >= 0xff01 && code <= 0xff5e) out += String.fromCharCode(code - 0xfee0);
    else out += c;
  }
  // Lower-casing letter by letter: some letters change length when the whole string is lowered.
  return out.replace(/[A-Z]/g, (letter) => letter.toLowerCase());
}

const TOKEN = /(\d+)(?:st|nd|rd|th)(?![a-z])|(\d+)|x(?=\s*\d)|[a-z\u00c0-\u024f][a-z0-9\u00c0-\u024f]*|[^\s]/gy;

/** Splits plain text (see `plainSigns`) into tokens; white space only separates. */
export function lex(plain: string, from = 0, to = plain.length): Token[] {
  const tokens: Token[] = [];
  let at = from;
  while (at < to) {
    if (/\s/.test(plain[at])) {
      at++;
      continue;
    }
    TOKEN.lastIndex = at;
    const found = TOKEN.exec(plain);
    if (!found) break;
    const text = found[0];
    const end = Math.min(to, at + text.length);
    const type = found[1] ? 'ordinal' : found[2] ? 'number' : text === 'x' || !/[a-z\u00c0-\u024f]/.test(text[0]) ? 'sign' : 'word';
    tokens.push({ type, text: found[1] ?? text, from: at, to: end });
    at = end;
  }
  return tokens;
}
