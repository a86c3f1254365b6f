"use client";

import { Region, SheetTabs, TextButton } from "@/ui";
import { Arrange } from "./Arrange";
import { Buy } from "./Buy";
import { finderSheetTexts } from "@/messages/en/best-wirings/view";

const sheets = [
  { id: "finder", name: finderSheetTexts.bestWirings, View: Arrange },
  { id: "buy", name: finderSheetTexts.whatToBuy, View: Buy },
] as const;

/** The finder: what is owned wired as well as may be, or what to buy. */
export default function FinderSheet({ onClose }: { readonly onClose: () => void }) {
  return (
    <Region
      title={finderSheetTexts.findBestWirings}
      aside={<TextButton onClick={onClose}>{finderSheetTexts.close}</TextButton>}
    >
      <SheetTabs name={finderSheetTexts.bestWirings} sheets={sheets} />
    </Region>
  );
}
