import { styled, Text } from 'tamagui';

/** Decisions and titles. */
export const Title = styled(Text, {
  fontFamily: '$heading',
  fontSize: 19,
  lineHeight: 24,
  fontWeight: '700',
  color: '$ink',
  $wide: { fontSize: 24, lineHeight: 29 },
});

/** Sentences and labels. */
export const Words = styled(Text, {
  fontFamily: '$body',
  fontSize: 16,
  lineHeight: 22,
  fontWeight: '400',
  color: '$ink',
});

/** Quiet sentences. */
export const Quiet = styled(Text, {
  fontFamily: '$body',
  fontSize: 15,
  lineHeight: 20,
  fontWeight: '400',
  color: '$ink2',
});

/** Numbers, rounds, addresses. */
export const Num = styled(Text, {
  fontFamily: '$number',
  fontSize: 14,
  lineHeight: 18,
  fontWeight: '600',
  color: '$ink',
  letterSpacing: -0.6,
});
