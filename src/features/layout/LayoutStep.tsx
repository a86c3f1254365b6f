"use client";

import dynamic from "next/dynamic";
import { SheetTabs } from "@/ui";
import { RoofTab } from "./RoofTab";

const Lockers = dynamic(() => import("./Lockers").then((part) => part.Lockers));
const Sheets = dynamic(() => import("./sheets/Sheets").then((part) => part.Sheets));

/** Where the panels lie: the roof to scale, lockers for what folds, and sheets to take up the ladder. */
export function LayoutStep() {
  return (
    <SheetTabs
      name="Layout"
      sheets={[
        { id: "roof", name: "Roof", View: RoofTab },
        { id: "lockers", name: "Lockers", View: Lockers },
        { id: "sheets", name: "Sheets to take up", View: Sheets },
      ]}
    />
  );
}
