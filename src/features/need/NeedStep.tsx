"use client";

import dynamic from "next/dynamic";
import { SheetTabs } from "@/ui";
import { UseSheet } from "./UseSheet";

const PlaceSheet = dynamic(() => import("./place/PlaceSheet").then((part) => part.PlaceSheet));
const FacingSheet = dynamic(() => import("./facing/FacingSheet").then((part) => part.FacingSheet));
const YearView = dynamic(() => import("@/features/year").then((part) => part.YearView));

/** The step where a plan begins and is weighed: what is used, where, how the panels face, and what comes of it in a year. */
export function NeedStep() {
  return (
    <SheetTabs
      name="Need"
      sheets={[
        { id: "use", name: "Use", View: UseSheet },
        { id: "place", name: "Place", View: PlaceSheet },
        { id: "facing", name: "Facing", View: FacingSheet },
        { id: "year", name: "The year", View: YearView },
      ]}
    />
  );
}
