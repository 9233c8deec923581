import { useContext, type ComponentType, type ReactElement } from 'react';
import { styled, Text } from '../theme/tamagui';
import { lined, sized, TEXT_SCALE, TextCap } from '../theme/textSize';

interface Letters {
  fontSize?: unknown;
  lineHeight?: unknown;
}

/** Letters as large as the browser asks for; the plain component where it asks for nothing. */
function inTextSize<T>(
  Base: T,
  own: { fontSize: number; lineHeight: number },
  /** on a wide screen, where that is otherwise */
  wide?: { fontSize: number; lineHeight: number },
): T {
  if (TEXT_SCALE === 1) return Base;
  const Plain = Base as ComponentType<Letters & { $wide?: Letters }>;
  const grown = (letters: Letters, cap: number): Letters => {
    const px = typeof letters.fontSize === 'number' ? letters.fontSize : own.fontSize;
    const line = typeof letters.lineHeight === 'number' ? letters.lineHeight : own.lineHeight;
    return { fontSize: sized(px, cap), lineHeight: lined(line, px, cap) };
  };
  return function Sized(props: Letters & { $wide?: Letters }): ReactElement {
    const cap = useContext(TextCap);
    const $wide = props.$wide ?? wide;
    return <Plain {...props} {...grown(props, cap)} {...($wide ? { $wide: grown($wide, cap) } : {})} />;
  } as T;
}

/** Decisions and titles. */
export const Title = inTextSize(
  styled(Text, {
    fontFamily: '$heading',
    fontSize: 19,
    lineHeight: 24,
    fontWeight: '700',
    color: '$ink',
    $wide: { fontSize: 24, lineHeight: 29 },
  }),
  { fontSize: 19, lineHeight: 24 },
  { fontSize: 24, lineHeight: 29 },
);

/** Sentences and labels. */
export const Words = inTextSize(
  styled(Text, {
    fontFamily: '$body',
    fontSize: 16,
    lineHeight: 22,
    fontWeight: '400',
    color: '$ink',
  }),
  { fontSize: 16, lineHeight: 22 },
);

/** Quiet sentences. */
export const Quiet = inTextSize(
  styled(Text, {
    fontFamily: '$body',
    fontSize: 15,
    lineHeight: 20,
    fontWeight: '400',
    color: '$ink2',
  }),
  { fontSize: 15, lineHeight: 20 },
);

/** Numbers, rounds, addresses. */
export const Num = inTextSize(
  styled(Text, {
    fontFamily: '$number',
    fontSize: 14,
    lineHeight: 18,
    fontWeight: '600',
    color: '$ink',
    letterSpacing: -0.6,
  }),
  { fontSize: 14, lineHeight: 18 },
);
