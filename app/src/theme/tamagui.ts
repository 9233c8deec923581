// The parts of Tamagui that this app draws with. Its barrel brings menus, selects, sliders and toasts along, into the first page.
import { Text as PlainText, styled } from '@tamagui/core';

export { createFont, createTamagui, createTokens, styled, TamaguiProvider, useTheme } from '@tamagui/core';
export { Dialog } from '@tamagui/dialog';
export { PortalProvider } from '@tamagui/portal';

/** Letters in the colour of the theme. */
export const Text = styled(PlainText, { color: '$color' });
