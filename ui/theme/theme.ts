import { day, night, type Token } from '../../core/drawing/tokens';
import { edge, radius, tap } from './sizes';
import { createTheme } from '@mui/material/styles';
import type {} from '@mui/x-date-pickers/themeAugmentation';

const sans = 'var(--sans)';
const shape = { borderRadius: radius };
const flat = { elevation: 0 } as const;
const edged = { border: edge };
const focused = { '&:focus-visible': { outline: '3px solid var(--focus)', outlineOffset: 2 } };

const paletteOf = (tokens: Readonly<Record<Token, string>>) => ({
  primary: { main: tokens.ink },
  error: { main: tokens.stop },
  background: { default: tokens.paper, paper: tokens.sheet },
  text: { primary: tokens.ink, secondary: tokens.soft },
  divider: tokens.hair,
});

/** MUI is the toolbox, not the look: square, flat, no capitals, no ripple; colours come from the tokens, as CSS variables (ui/theme/looks). */
export const theme = createTheme({
  cssVariables: { colorSchemeSelector: 'data-theme' },
  colorSchemes: {
    light: { palette: paletteOf(day) },
    dark: { palette: paletteOf(night) },
  },
  shape,
  // A phone; then one column; then sheet and findings side by side.
  breakpoints: { values: { xs: 0, sm: 641, md: 1001, lg: 1280, xl: 1600 } },
  typography: { fontFamily: sans, fontSize: 15, button: { textTransform: 'none', fontWeight: 600 } },
  components: {
    MuiButtonBase: { defaultProps: { disableRipple: true } },
    MuiButton: {
      defaultProps: { disableElevation: true, variant: 'outlined' },
      styleOverrides: {
        root: {
          minHeight: 48,
          minWidth: 48,
          padding: '0 16px',
          gap: 8,
          borderRadius: radius,
          fontSize: '1rem',
          lineHeight: 1.4,
          letterSpacing: 'normal',
          color: 'inherit',
          ...focused,
          '&.Mui-disabled': { opacity: 0.45 },
        },
        outlined: {
          ...edged,
          background: 'var(--sheet)',
          '&:hover': { background: 'var(--paper)' },
          '&.Mui-disabled': { ...edged, color: 'inherit' },
          "&[aria-pressed='true']": { background: 'var(--ink)', color: 'var(--sheet)' },
        },
        contained: {
          ...edged,
          '&, &:hover, &.Mui-disabled': { background: 'var(--ink)', color: 'var(--sheet)' },
        },
        text: {
          minHeight: tap,
          minWidth: 0,
          padding: '0 6px',
          fontWeight: 400,
          textDecoration: 'underline',
          textUnderlineOffset: 3,
          '&:hover': { background: 'none', textDecoration: 'underline' },
        },
      },
    },
    MuiIconButton: {
      styleOverrides: {
        root: {
          flex: 'none',
          width: tap,
          height: tap,
          padding: 0,
          borderRadius: radius,
          fontSize: '1rem',
          color: 'inherit',
          ...focused,
          '&:hover': { background: 'var(--hair)' },
        },
      },
    },
    MuiPaper: { defaultProps: flat, styleOverrides: { root: { backgroundImage: 'none', border: edge } } },
    MuiToggleButton: {
      styleOverrides: {
        root: {
          minHeight: tap,
          padding: '0 12px',
          whiteSpace: 'nowrap',
          borderRadius: radius,
          ...edged,
          fontSize: '0.95rem',
          fontWeight: 600,
          letterSpacing: 'normal',
          color: 'var(--ink)',
          ...focused,
          '&.Mui-selected, &.Mui-selected:hover': { background: 'var(--ink)', color: 'var(--sheet)' },
        },
      },
    },
    MuiTabs: {
      styleOverrides: { root: { minHeight: 44 }, indicator: { height: 3, backgroundColor: 'var(--ink)' } },
    },
    MuiTab: {
      styleOverrides: {
        root: {
          minHeight: tap,
          minWidth: 0,
          padding: '0 12px',
          fontSize: '1rem',
          fontWeight: 600,
          letterSpacing: 'normal',
          color: 'var(--ink)',
          '&.Mui-selected': { color: 'var(--ink)', fontWeight: 800 },
          '&:focus-visible': { outline: '3px solid var(--focus)', outlineOffset: -3 },
        },
      },
    },
    MuiAccordion: {
      defaultProps: { disableGutters: true, square: true },
      styleOverrides: { root: { '&::before': { display: 'none' } } },
    },
    MuiMenuItem: { styleOverrides: { root: { minHeight: 48, fontSize: '1.0625rem' } } },
    MuiDialog: { styleOverrides: { paper: { borderRadius: 4 } } },
    MuiInputBase: {
      styleOverrides: {
        root: { fontSize: '1.0625rem' },
        input: { '&&::placeholder': { color: 'var(--soft)', opacity: 1 } },
      },
    },
    MuiChip: { styleOverrides: { root: { borderRadius: radius, background: 'var(--paper)', border: '1px solid var(--ink)' } } },
    MuiOutlinedInput: {
      styleOverrides: {
        root: {
          minHeight: 48,
          borderRadius: radius,
          background: 'var(--field)',
          '&.MuiInputBase-multiline': { padding: 0 },
          '& fieldset, &:hover fieldset': { borderColor: 'var(--ink)', borderWidth: 1.5 },
          '&.Mui-focused': { outline: '3px solid var(--focus)', outlineOffset: 2 },
          '&.Mui-focused fieldset': { borderColor: 'var(--ink)', borderWidth: 1.5 },
          '&.Mui-error fieldset': { borderColor: 'var(--stop)', borderWidth: 3 },
        },
        input: {
          height: 'auto',
          padding: '10px 12px',
          '&:focus-visible': { outline: 'none' },
        },
      },
    },
    MuiPickersOutlinedInput: {
      styleOverrides: {
        root: {
          minHeight: tap,
          borderRadius: radius,
          background: 'var(--field)',
          fontSize: '1.0625rem',
          '& .MuiPickersOutlinedInput-notchedOutline, &:hover .MuiPickersOutlinedInput-notchedOutline': {
            borderColor: 'var(--ink)',
            borderWidth: 1.5,
          },
          '&.Mui-focused': { outline: '3px solid var(--focus)', outlineOffset: 2 },
          '.label-spoken &': { '& legend': { display: 'none' }, '& fieldset': { top: 0 } },
        },
        sectionsContainer: { padding: '9px 0' },
      },
    },
    MuiPickersTextField: {
      styleOverrides: {
        root: {
          '&.label-spoken > label': { position: 'absolute', width: 1, height: 1, overflow: 'hidden', clipPath: 'inset(50%)' },
        },
      },
    },
    MuiFormLabel: {
      styleOverrides: {
        root: {
          color: 'var(--ink)',
          fontWeight: 600,
          marginBottom: 4,
          lineHeight: 1.4,
          '&.Mui-focused, &.Mui-error': { color: 'var(--ink)' },
        },
      },
    },
    MuiInputLabel: { styleOverrides: { root: { color: 'var(--soft)', fontWeight: 400, marginBottom: 0 } } },
    MuiFormHelperText: {
      styleOverrides: { root: { marginInline: 0, fontSize: '1rem', fontWeight: 600, '&.Mui-error': { color: 'var(--stop)' } } },
    },
    MuiFormControlLabel: {
      styleOverrides: { root: { minHeight: tap, marginInline: '-9px 0', gap: 4 }, label: { lineHeight: 1.4 } },
    },
    MuiRadio: { styleOverrides: { root: { color: 'var(--ink)', '&.Mui-checked': { color: 'var(--ink)' } } } },
    MuiCheckbox: { styleOverrides: { root: { color: 'var(--ink)', '&.Mui-checked': { color: 'var(--ink)' } } } },
    MuiTable: { styleOverrides: { root: { borderCollapse: 'collapse' } } },
    MuiTableCell: {
      styleOverrides: {
        root: {
          padding: '6px 8px 6px 0',
          borderTop: '1px solid var(--hair)',
          borderBottom: 0,
          fontFamily: 'inherit',
          fontSize: 'inherit',
          lineHeight: 'inherit',
          letterSpacing: 'normal',
          color: 'var(--ink)',
        },
        head: { fontWeight: 700, color: 'var(--ink)' },
      },
    },
    MuiSnackbar: { styleOverrides: { root: { '&&': { bottom: 64 } } } },
    MuiSnackbarContent: {
      styleOverrides: {
        root: { background: 'var(--ink)', color: 'var(--sheet)', borderRadius: radius, fontSize: '1rem', fontWeight: 600 },
      },
    },
    MuiTooltip: { styleOverrides: { tooltip: { fontSize: '0.9rem' } } },
  },
});
