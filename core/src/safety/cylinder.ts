import type { Profile } from './profiles';

/**
 * Whether something of these dimensions (mm, in any order) can lie entirely in the small-parts cylinder in some position.
 * Round things of one size are given it alone. Source: the profile's diameter and greatest depth; soft things are judged as if they kept their shape,
 * at the smallest they may be.
 */
export function fitsCylinder(profile: Profile, ...mm: readonly number[]): boolean {
  const [a, b, c] = [...mm, mm[0], mm[0]].slice(0, Math.max(3, mm.length)).sort((x, y) => x - y);
  return a <= profile.cylinderMm && b <= profile.cylinderMm && c <= profile.cylinderDeepMm;
}
