/** A yarn colour (#rrggbb) made darker (under 1) or lighter (over 1). */
export function shade(colour: string, k: number): string {
  const value = Number.parseInt(colour.slice(1), 16);
  const part = (shift: number): string => {
    const c = (value >> shift) & 255;
    const lit = k <= 1 ? c * k : c + (255 - c) * (k - 1) * 0.9;
    return Math.round(Math.max(0, Math.min(255, lit)))
      .toString(16)
      .padStart(2, '0');
  };
  return `#${part(16)}${part(8)}${part(0)}`;
}
