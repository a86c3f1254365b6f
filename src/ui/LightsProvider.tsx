"use client";

import CssBaseline from "@mui/material/CssBaseline";
import GlobalStyles from "@mui/material/GlobalStyles";
import { ThemeProvider } from "@mui/material/styles";
import { createContext, type ReactNode, useContext, useMemo, useState } from "react";
import { type Light, lightCookie, type LightTokens, lightTokens } from "./light-tokens";
import { fonts, themeOf } from "./theme";

type LightState = { readonly light: Light; readonly setLight: (light: Light) => void };

const LightContext = createContext<LightState>({ light: "paper", setLight: () => undefined });

/** Provides the light in use to components, and its colours to drawings as CSS variables. */
export function LightsProvider({ initial, children }: { initial: Light; children: ReactNode }) {
  const [light, setLight] = useState(initial);
  const state = useMemo(
    () => ({
      light,
      setLight: (next: Light) => {
        // a cookie, so that the server draws the first view in the right light already
        document.cookie = `${lightCookie}=${next}; path=/; max-age=31536000; samesite=strict`;
        setLight(next);
      },
    }),
    [light],
  );
  const theme = useMemo(() => themeOf(light), [light]);
  return (
    <LightContext value={state}>
      <ThemeProvider theme={theme}>
        <CssBaseline />
        <GlobalStyles styles={globalStyles(lightTokens[light])} />
        {children}
      </ThemeProvider>
    </LightContext>
  );
}

export function useLight(): LightState {
  return useContext(LightContext);
}

function globalStyles(t: LightTokens) {
  return {
    ":root": {
      "--paper": t.paper,
      "--sheet": t.sheet,
      "--ink": t.ink,
      "--ink-soft": t.inkSoft,
      "--line": t.line,
      "--line-strong": t.lineStrong,
      "--amber": t.amber,
      "--amber-deep": t.amberDeep,
      "--on-amber": t.onAmber,
      "--stop": t.stop,
      "--care": t.care,
      "--note": t.note,
      "--good": t.good,
      "--window-wash": t.windowWash,
      "--window-edge": t.windowEdge,
      "--roof": t.roof,
      "--thing": t.thing,
      "--shadow": t.shadow,
      "--cold": t.cold,
      "--hot": t.hot,
      "--font-display": fonts.display,
    },
    html: { fontSize: t.rootPx },
    "*:focus-visible": { outline: `3px solid ${t.amberDeep}`, outlineOffset: 2 },
    ".num": { fontVariantNumeric: "tabular-nums" },
    ".visually-hidden": {
      position: "absolute",
      width: 1,
      height: 1,
      overflow: "hidden",
      clipPath: "inset(50%)",
      whiteSpace: "nowrap",
    },
    "@media (forced-colors: active)": {
      "[aria-pressed='true'], [aria-selected='true'], [aria-current]:not([aria-current='false'])": {
        forcedColorAdjust: "none",
        background: "Highlight",
        color: "HighlightText",
      },
    },
    "@media (prefers-reduced-motion: reduce)": { "*": { animation: "none !important", transition: "none !important" } },
  } as const;
}
