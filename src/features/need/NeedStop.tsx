"use client";

import Box from "@mui/material/Box";
import Tab from "@mui/material/Tab";
import Tabs from "@mui/material/Tabs";
import dynamic from "next/dynamic";
import { useSyncExternalStore } from "react";
import { UseSheet } from "./UseSheet";

const PlaceSheet = dynamic(() => import("./place/PlaceSheet").then((part) => part.PlaceSheet));
const FacingSheet = dynamic(() => import("./facing/FacingSheet").then((part) => part.FacingSheet));
const YearView = dynamic(() => import("@/features/year").then((part) => part.YearView));

const sheets = [
  { id: "use", name: "Use", View: UseSheet },
  { id: "place", name: "Place", View: PlaceSheet },
  { id: "facing", name: "Facing", View: FacingSheet },
  { id: "year", name: "The year", View: YearView },
] as const;

/** The stop where a plan begins and is weighed: what is used, where, how the panels face, and what comes of it in a year. */
export function NeedStop() {
  const shown = useSyncExternalStore(heardHash, readHash, () => sheets[0].id);
  const { id, View } = sheets.find((sheet) => sheet.id === shown) ?? sheets[0];
  return (
    <>
      <Tabs
        value={id}
        aria-label="Need"
        onChange={(_, next: string) => {
          window.history.replaceState(null, "", `#${next}`);
          window.dispatchEvent(new HashChangeEvent("hashchange"));
        }}
        sx={{ mb: 1.5, minHeight: 44, borderBottom: "1px solid var(--line-strong)" }}
      >
        {sheets.map((sheet) => (
          <Tab
            key={sheet.id}
            value={sheet.id}
            label={sheet.name}
            id={`need-tab-${sheet.id}`}
            aria-controls={`need-${sheet.id}`}
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
      <Box role="tabpanel" id={`need-${id}`} aria-labelledby={`need-tab-${id}`}>
        <View />
      </Box>
    </>
  );
}

/** Which sheet is open stands in the address, so that it can be gone to and comes back with the page. */
function readHash(): string {
  return window.location.hash.slice(1);
}

function heardHash(changed: () => void): () => void {
  window.addEventListener("hashchange", changed);
  return () => window.removeEventListener("hashchange", changed);
}
