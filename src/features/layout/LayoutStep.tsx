"use client";

import dynamic from "next/dynamic";
import { SheetTabs } from "@/ui";
import { RoofTab } from "./RoofTab";
import { layoutStepTexts } from "@/messages/en/layout/view";

const Lockers = dynamic(() => import("./Lockers").then((part) => part.Lockers));
const Sheets = dynamic(() => import("./sheets/Sheets").then((part) => part.Sheets));

/** Where the panels lie: the roof to scale, lockers for what folds, and sheets to take up the ladder. */
export function LayoutStep() {
  return (
    <SheetTabs
      name={layoutStepTexts.layout}
      sheets={[
        { id: "roof", name: layoutStepTexts.roof, View: RoofTab },
        { id: "lockers", name: layoutStepTexts.storage, View: Lockers },
        { id: "sheets", name: layoutStepTexts.drawingsTemplates, View: Sheets },
      ]}
    />
  );
}
