"use client";

import { Region, SheetTabs, TextButton } from "@/ui";
import { Arrange } from "./Arrange";
import { Buy } from "./Buy";

const sheets = [
  { id: "finder", name: "Arrange what I have", View: Arrange },
  { id: "buy", name: "Choose what to buy", View: Buy },
] as const;

/** The finder: what is owned wired as well as may be, or what to buy. */
export default function FinderSheet({ onClose }: { readonly onClose: () => void }) {
  return (
    <Region title="The finder" aside={<TextButton onClick={onClose}>Close</TextButton>}>
      <SheetTabs name="Finder" sheets={sheets} />
    </Region>
  );
}
