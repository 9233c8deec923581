import { Slot } from 'expo-router';
import { Component, useEffect, type ReactNode } from 'react';
import { QueryClientProvider } from '@tanstack/react-query';
import { queryClient } from '../documents';
import { Broken } from '../stations/frame/Broken';
import { PageStyle } from '../theme/PageStyle';
import { loadFonts, ThemeProvider } from '../theme';

/** Everything around the stations: theme, fonts, queries, and a way to save the toy when a screen breaks. */
export default function Layout() {
  useEffect(() => {
    void loadFonts();
  }, []);
  return (
    <ThemeProvider>
      <PageStyle />
      <QueryClientProvider client={queryClient}>
        <Boundary>
          <Slot />
        </Boundary>
      </QueryClientProvider>
    </ThemeProvider>
  );
}

class Boundary extends Component<{ children: ReactNode }, { broken: boolean }> {
  override state = { broken: false };

  static getDerivedStateFromError() {
    return { broken: true };
  }

  override render() {
    return this.state.broken ? <Broken onBack={() => this.setState({ broken: false })} /> : this.props.children;
  }
}
