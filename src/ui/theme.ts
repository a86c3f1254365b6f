import { createTheme, type Theme } from "@mui/material/styles";
import { type Light, lightTokens } from "./light-tokens";

export const fonts = {
  text: "'Atkinson Hyperlegible Next Variable', sans-serif",
  display: "'Besley Variable', serif",
} as const;

/** The component theme of a light: square, flat, hairline; the instrument look lives here once. */
export function themeOf(light: Light): Theme {
  const t = lightTokens[light];
  return createTheme({
    palette: {
      mode: light === "lantern" ? "dark" : "light",
      background: { default: t.paper, paper: t.sheet },
      text: { primary: t.ink, secondary: t.inkSoft },
      primary: { main: t.ink, contrastText: t.sheet },
      secondary: { main: t.amber, contrastText: t.onAmber },
      error: { main: t.stop },
      warning: { main: t.care },
      info: { main: t.note },
      success: { main: t.good },
      divider: t.line,
    },
    shape: { borderRadius: 2 },
    typography: {
      fontFamily: fonts.text,
      htmlFontSize: 16,
      button: { textTransform: "none", fontWeight: 600, letterSpacing: 0 },
      h1: { fontFamily: fonts.display, fontSize: "1.75rem", fontWeight: 600, letterSpacing: "-0.01em" },
      h2: { fontFamily: fonts.display, fontSize: "1.125rem", fontWeight: 600 },
      h3: { fontFamily: fonts.text, fontSize: "0.9375rem", fontWeight: 700 },
      body1: { fontSize: "0.9375rem", lineHeight: 1.45 },
      body2: { fontSize: "0.875rem", lineHeight: 1.4 },
    },
    components: {
      MuiButtonBase: {
        defaultProps: { disableRipple: true },
        // the base takes the outline away, and with it the only sign of the keyboard's focus
        styleOverrides: { root: { "&:focus-visible": { outline: `3px solid ${t.amberDeep}`, outlineOffset: 2 } } },
      },
      // under 16 px a phone's browser enlarges the page at every field
      MuiInputBase: { styleOverrides: { root: { "@media (pointer: coarse)": { fontSize: "1rem" } } } },
      MuiButton: {
        defaultProps: { disableElevation: true, color: "primary" },
        styleOverrides: {
          root: { minHeight: 36, "@media (pointer: coarse)": { minHeight: 44 } },
          outlined: { borderColor: t.lineStrong },
        },
      },
      MuiIconButton: {
        styleOverrides: {
          root: {
            borderRadius: 2,
            color: t.ink,
            width: 36,
            height: 36,
            "@media (pointer: coarse)": { width: 44, height: 44 },
          },
        },
      },
      MuiOutlinedInput: {
        styleOverrides: {
          root: { background: t.sheet, "@media (pointer: coarse)": { minHeight: 44 } },
          notchedOutline: { borderColor: t.lineStrong },
          input: { padding: "7px 10px" },
        },
      },
      MuiSelect: { styleOverrides: { select: { minHeight: "1.4375em" } } },
      MuiMenuItem: {
        styleOverrides: {
          root: { minHeight: 40, "@media (pointer: coarse)": { minHeight: 44 }, whiteSpace: "normal" },
        },
      },
      MuiPaper: { defaultProps: { elevation: 0 }, styleOverrides: { root: { backgroundImage: "none" } } },
      MuiDialog: { styleOverrides: { paper: { border: `2px solid ${t.ink}` } } },
      MuiMenu: { styleOverrides: { paper: { border: `1px solid ${t.ink}` } } },
      MuiTooltip: { styleOverrides: { tooltip: { background: t.ink, color: t.sheet, fontSize: "0.8125rem" } } },
    },
  });
}
