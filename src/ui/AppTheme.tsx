'use client';
import GlobalStyles from '@mui/material/GlobalStyles';
import { ThemeProvider } from '@mui/material/styles';
import type { ReactNode } from 'react';
import { colourProperties } from './colours';
import { theme } from './theme';

const properties = (
  <GlobalStyles
    styles={{ ':root': colourProperties('light'), "[data-theme='dark']": colourProperties('dark') }}
  />
);

/** Light, dark, or what the machine is set to. */
export function AppTheme({ children }: { children: ReactNode }) {
  return (
    <ThemeProvider theme={theme} defaultMode="system">
      {properties}
      {children}
    </ThemeProvider>
  );
}
