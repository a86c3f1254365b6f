"use client";

import dynamic from "next/dynamic";
import { SheetTabs } from "@/ui";
import { UseSheet } from "./UseSheet";
import { needStepTexts } from "@/messages/en/need/view";

const PlaceSheet = dynamic(() => import("./place/PlaceSheet").then((part) => part.PlaceSheet));
const FacingSheet = dynamic(() => import("./facing/FacingSheet").then((part) => part.FacingSheet));
const YearView = dynamic(() => import("@/features/year").then((part) => part.YearView));

/** The step where a plan begins and is weighed: what is used, where, how the panels face, and what comes of it in a year. */
export function NeedStep() {
  return (
    <SheetTabs
      name={needStepTexts.need}
      sheets={[
        { id: "use", name: needStepTexts.dailyUse, View: UseSheet },
        { id: "place", name: needStepTexts.location, View: PlaceSheet },
        { id: "facing", name: needStepTexts.tiltDirection, View: FacingSheet },
        { id: "year", name: needStepTexts.year, View: YearView },
      ]}
    />
  );
}
