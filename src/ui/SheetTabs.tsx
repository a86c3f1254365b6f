"use client";

import Box from "@mui/material/Box";
import Tab from "@mui/material/Tab";
import Tabs from "@mui/material/Tabs";
import { type ComponentType } from "react";
import { useHash } from "./useHash";

type Props = {
  readonly name: string;
  readonly sheets: readonly [SheetTab, ...SheetTab[]];
};
export type SheetTab = { readonly id: string; readonly name: string; readonly View: ComponentType };

/** Sheets of one page, one of them open: which one stands in the address, so that it can be gone to and comes back with the page. */
export function SheetTabs({ name, sheets }: Props) {
  const [shown, show] = useHash();
  const { id, View } = sheets.find((sheet) => sheet.id === shown) ?? sheets[0];
  const prefix = name.toLowerCase().replaceAll(" ", "-");
  return (
    <>
      <Tabs
        value={id}
        aria-label={name}
        onChange={(_, next: string) => show(next)}
        sx={{ mb: 1.5, minHeight: 44, borderBottom: "1px solid var(--line-strong)" }}
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
              fontSize: "1.0625rem",
              minHeight: 44,
              py: 0,
            }}
          />
        ))}
      </Tabs>
      <Box role="tabpanel" id={`${prefix}-${id}`} aria-labelledby={`${prefix}-tab-${id}`}>
        <View />
      </Box>
    </>
  );
}
