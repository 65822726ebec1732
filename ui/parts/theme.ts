'use client';

import { createTheme } from '@mui/material/styles';

/** Paper, ink and three quiet accents that always mean the same; each also has a mark of its own. */
export const INK = '#26221c';
export const PAPER = '#fbf8f1';
export const ACCENTS = {
  pending: { color: '#2f5583', mark: '◌', word: 'pending' },
  kept: { color: '#33653f', mark: '●', word: 'kept' },
  held: { color: '#95480f', mark: '◪', word: 'on hold' },
} as const;
export const RULE = '#d9d1c0';
export const SHADE = '#f3eee2';
export const FAINT = '#6d6558';

export const READING = '"Iowan Old Style", "Palatino Linotype", Palatino, "Book Antiqua", "P052", "DejaVu Serif", Georgia, serif';
export const FIGURES = '"Segoe UI", "Noto Sans", "DejaVu Sans", system-ui, sans-serif';

export const theme = createTheme({
  cssVariables: true,
  palette: {
    mode: 'light',
    background: { default: PAPER, paper: '#fffdf8' },
    text: { primary: INK, secondary: FAINT },
    primary: { main: ACCENTS.pending.color },
    success: { main: ACCENTS.kept.color },
    warning: { main: ACCENTS.held.color },
    divider: RULE,
  },
  // What changes is there at once.
  transitions: { create: () => 'none' },
  shape: { borderRadius: 3 },
  typography: { fontFamily: FIGURES, fontSize: 13, button: { textTransform: 'none', fontWeight: 500 } },
  components: {
    MuiButtonBase: { defaultProps: { disableRipple: true } },
    MuiButton: { defaultProps: { size: 'small', variant: 'outlined', color: 'inherit' }, styleOverrides: { root: { borderColor: RULE, padding: '2px 10px', lineHeight: 1.5 } } },
    MuiTextField: { defaultProps: { size: 'small', variant: 'outlined' } },
    MuiTooltip: { defaultProps: { enterDelay: 400 } },
    MuiCssBaseline: {
      styleOverrides: {
        body: { fontVariantNumeric: 'tabular-nums lining-nums', fontSize: 13 },
        ':focus-visible': { outline: `2px solid ${ACCENTS.pending.color}`, outlineOffset: 1 },
        kbd: { fontFamily: FIGURES, fontSize: 11, border: `1px solid ${RULE}`, borderBottomWidth: 2, borderRadius: 3, padding: '0 4px', background: '#fffdf8', color: FAINT },
      },
    },
  },
});
