import { createFont, createTamagui, createTokens } from './tamagui';
import { DARK, LIGHT } from './palette';

const space = { 0: 0, 1: 4, 2: 8, 3: 10, 4: 12, 5: 16, 6: 20, 7: 24, true: 16 };
const sizes = { 1: 13, 2: 14, 3: 16, 4: 17, 5: 19, 6: 22, 7: 26, 8: 44, 9: 60, true: 16 };
const lines = { 1: 18, 2: 19, 3: 22, 4: 24, 5: 24, 6: 28, 7: 30, 8: 48, 9: 62, true: 22 };
const weights = { 1: '400', 2: '500', 3: '600', 4: '700', 5: '800', true: '400' } as const;
const none = { 1: 0, true: 0 };

/** Font families as they are registered by `fonts.ts`. */
export const FAMILY = {
  title: 'Bricolage Grotesque',
  text: 'Atkinson Hyperlegible Next',
  number: 'Martian Mono',
} as const;

const font = (family: string) =>
  createFont({
    family: `"${family}", system-ui, sans-serif`,
    size: sizes,
    lineHeight: lines,
    weight: weights,
    letterSpacing: none,
  });

const tokens = createTokens({
  size: { ...space, touch: 44, nudge: 56, main: 54, tick: 88 },
  space,
  radius: { 0: 0, 1: 3, 2: 6, 3: 999, true: 6 },
  zIndex: { 0: 0, 1: 10, 2: 100, true: 0 },
  color: { clear: 'transparent' },
});

export const config = createTamagui({
  tokens,
  themes: {
    light: { ...LIGHT, background: LIGHT.paper, color: LIGHT.ink },
    dark: { ...DARK, background: DARK.paper, color: DARK.ink },
  },
  fonts: { body: font(FAMILY.text), heading: font(FAMILY.title), number: font(FAMILY.number) },
  media: { wide: { minWidth: 900 } },
  settings: { disableSSR: true, defaultFont: 'body' },
});

export type Config = typeof config;

declare module '@tamagui/core' {
  // The config's own type gives every style prop its tokens.
  interface TamaguiCustomConfig extends Config {}
}
