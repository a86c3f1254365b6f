"use client";

import Box from "@mui/material/Box";
import Tab from "@mui/material/Tab";
import Tabs from "@mui/material/Tabs";
import { type ComponentType, type ReactNode } from "react";
import { useHash } from "./useHash";

type Props = {
  readonly name: string;
  readonly sheets: readonly [SheetTab, ...SheetTab[]];
  /** Beside the tabs, whichever is open; under them where there is no room. */ readonly aside?: ReactNode;
  /** Between the tabs and what they show. */ readonly below?: ReactNode;
};
export type SheetTab = { readonly id: string; readonly name: string; readonly View: ComponentType };

/** Sheets of one page, one of them open: which one stands in the address, so that it can be gone to and comes back with the page. */
export function SheetTabs({ name, sheets, aside, below }: Props) {
  const [shown, show] = useHash();
  const { id, View } = sheets.find((sheet) => sheet.id === shown) ?? sheets[0];
  const prefix = name.toLowerCase().replaceAll(" ", "-");
  return (
    <>
      <Box
        sx={{
          display: "flex",
          flexWrap: "wrap",
          alignItems: "center",
          columnGap: 2,
          mb: 1,
          borderBottom: "1px solid var(--line-strong)",
        }}
      >
        <Tabs
          value={id}
          aria-label={name}
          onChange={(_, next: string) => show(next)}
          sx={{ minHeight: 44, flex: aside === undefined ? "1 1 auto" : "0 1 auto", maxWidth: "100%" }}
        >
          {sheets.map((sheet) => (
            <Tab
              key={sheet.id}
              value={sheet.id}
              label={sheet.name}
              id={`${prefix}-tab-${sheet.id}`}
              aria-controls={`${prefix}-${sheet.id}`}
              sx={{
                textTransform: "none",
                fontFamily: "var(--font-display)",
                fontSize: { xs: "0.9375rem", sm: "1.0625rem" },
                minHeight: 44,
                minWidth: { xs: 48, sm: 90 },
                px: { xs: 1, sm: 2 },
                py: 0,
              }}
            />
          ))}
        </Tabs>
        {aside}
      </Box>
      {below}
      <Box role="tabpanel" id={`${prefix}-${id}`} aria-labelledby={`${prefix}-tab-${id}`}>
        <View />
      </Box>
    </>
  );
}
