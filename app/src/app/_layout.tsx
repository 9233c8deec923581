import { Slot } from 'expo-router';
import { useEffect } from 'react';
import { QueryClientProvider } from '@tanstack/react-query';
import { keepOffline, queryClient } from '../documents';
import { Boundary } from '../stations/frame/Boundary';
import { PageKeys } from '../stations/frame/PageKeys';
import { useAboveKeyboard } from '../stations/frame/useAboveKeyboard';
import { PageStyle } from '../theme/PageStyle';
import { loadFonts, ThemeProvider } from '../theme';

/** Everything around the stations: theme, fonts, queries, and a way to save the toy when a screen breaks. */
export default function Layout() {
  useAboveKeyboard();
  useEffect(() => {
    void loadFonts();
    keepOffline();
  }, []);
  return (
    <ThemeProvider>
      <PageStyle />
      <PageKeys />
      <QueryClientProvider client={queryClient}>
        <Boundary>
          <Slot />
        </Boundary>
      </QueryClientProvider>
    </ThemeProvider>
  );
}
