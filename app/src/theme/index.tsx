import { useColorScheme } from 'react-native';
import { createContext, useContext, type ReactNode } from 'react';
import { PortalProvider, TamaguiProvider, useTheme } from './tamagui';
import { DARK, LIGHT, type Palette } from './palette';
import { config } from './tamagui.config';

export type { Palette } from './palette';
export { FAMILY } from './tamagui.config';
export { loadFonts } from './fonts';

const PaletteContext = createContext<Palette>(LIGHT);

/** Light or dark as the system says, for Tamagui and for what is drawn in SVG. */
export function ThemeProvider({ children }: { children: ReactNode }) {
  const dark = useColorScheme() === 'dark';
  return (
    <TamaguiProvider
      config={config}
      defaultTheme={dark ? 'dark' : 'light'}
      disableInjectCSS={process.env.NODE_ENV === 'test'}
    >
      <PaletteContext.Provider value={dark ? DARK : LIGHT}>
        <PortalProvider shouldAddRootHost>{children}</PortalProvider>
      </PaletteContext.Provider>
    </TamaguiProvider>
  );
}

/** Plain colours for drawings. */
export const usePalette = (): Palette => useContext(PaletteContext);

export { useTheme };
