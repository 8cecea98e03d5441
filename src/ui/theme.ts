'use client';
import { createTheme } from '@mui/material/styles';
import { colours } from './colours';

const palette = (of: (typeof colours)['light']) => ({
  primary: { main: of.ink, contrastText: of.ground },
  success: { main: of.capacity },
  error: { main: of.demand },
  text: { primary: of.ink, secondary: of.soft },
  background: { default: of.ground, paper: of.sheet },
  divider: of.line,
});

/** The one theme: the product’s colours worn by the component library. */
export const theme = createTheme({
  cssVariables: { colorSchemeSelector: 'data-theme' },
  colorSchemes: {
    light: { palette: palette(colours.light) },
    dark: { palette: palette(colours.dark) },
  },
  typography: {
    fontFamily: "'Atkinson Hyperlegible Next Variable', sans-serif",
    fontSize: 15,
    button: { textTransform: 'none', fontWeight: 650, fontSize: 15 },
  },
  shape: { borderRadius: 8 },
  components: {
    MuiButton: {
      defaultProps: { disableElevation: true, disableRipple: true },
      styleOverrides: { root: { minHeight: 44, paddingInline: 16 } },
    },
    MuiOutlinedInput: {
      styleOverrides: {
        root: { background: 'var(--sheet)' },
        input: {
          padding: '11px 12px',
          height: 'auto',
          minHeight: 22,
          'textarea&': { padding: 0 },
        },
        multiline: { padding: '11px 12px' },
        notchedOutline: { borderColor: 'var(--control)' },
      },
    },
    MuiFormHelperText: {
      styleOverrides: { root: { marginInline: 0, fontSize: 12.5, color: 'var(--soft)' } },
    },
    MuiAlert: {
      defaultProps: { severity: 'error' },
      styleOverrides: {
        root: {
          font: 'inherit',
          padding: '8px 12px',
          variants: [
            {
              props: { severity: 'error' },
              style: { background: 'var(--demand-tint)', color: 'var(--on-demand-tint)' },
            },
            {
              props: { severity: 'warning' },
              style: { background: 'var(--now)', color: 'var(--on-now)' },
            },
          ],
        },
        icon: { padding: 0, marginRight: 10, fontSize: 20, color: 'inherit !important' },
        message: { padding: 0 },
      },
    },
    MuiTableCell: {
      styleOverrides: {
        root: {
          padding: '10px 14px 10px 0',
          borderBottom: 0,
          borderTop: '1px solid var(--line)',
          verticalAlign: 'top',
          font: 'inherit',
          letterSpacing: 'inherit',
          '&.MuiTableCell-alignRight': { whiteSpace: 'nowrap' },
        },
        head: {
          padding: '4px 14px 6px 0',
          borderTop: 0,
          fontSize: 12.5,
          color: 'var(--soft)',
          verticalAlign: 'inherit',
          '&.MuiTableCell-alignRight': { whiteSpace: 'normal' },
        },
      },
    },
    MuiPopover: { styleOverrides: { paper: { border: '1px solid var(--line)', backgroundImage: 'none' } } },
    MuiDialog: { styleOverrides: { paper: { backgroundImage: 'none' } } },
  },
});
