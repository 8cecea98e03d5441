'use client';
import { createTheme } from '@mui/material/styles';

const light = {
  ground: '#f2f3f8',
  sheet: '#ffffff',
  ink: '#1d2145',
  soft: '#595e80',
  line: '#d8dbe8',
  capacity: '#0d7568',
  demand: '#c02a58',
};
const dark = {
  ground: '#14162c',
  sheet: '#1e2143',
  ink: '#eef0fa',
  soft: '#a9afd6',
  line: '#3a3f6e',
  capacity: '#7fd6c6',
  demand: '#ff7da2',
};

const palette = (tokens: typeof light) => ({
  primary: { main: tokens.ink, contrastText: tokens.ground },
  success: { main: tokens.capacity },
  error: { main: tokens.demand },
  text: { primary: tokens.ink, secondary: tokens.soft },
  background: { default: tokens.ground, paper: tokens.sheet },
  divider: tokens.line,
});

/** The one theme: the tokens of tokens.css worn by the component library. */
export const theme = createTheme({
  cssVariables: { colorSchemeSelector: 'data-theme' },
  colorSchemes: { light: { palette: palette(light) }, dark: { palette: palette(dark) } },
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
    MuiPopover: { styleOverrides: { paper: { border: '1px solid var(--line)', backgroundImage: 'none' } } },
    MuiDialog: { styleOverrides: { paper: { backgroundImage: 'none' } } },
  },
});
