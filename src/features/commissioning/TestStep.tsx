"use client";

import dynamic from "next/dynamic";
import { SheetTabs } from "@/ui";
import { ProveFacts } from "./facts";
import { WalkSheet } from "./WalkSheet";
import { testStepTexts } from "@/messages/en/commissioning/view";

const Pair = dynamic(() => import("./PairSheet").then((part) => part.PairSheet));
const Report = dynamic(() => import("./ReportSheet").then((part) => part.ReportSheet));
const StandIn = dynamic(() => import("./StandInSheet").then((part) => part.StandInSheet));

/** Believe the meter: a walk of readings, each with what is due; two panels side by side; what was proved; a bench to try it on. */
export function TestStep() {
  return (
    <ProveFacts>
      <SheetTabs
        name={testStepTexts.test}
        sheets={[
          { id: "walk", name: testStepTexts.guidedTest, View: WalkSheet },
          { id: "pair", name: testStepTexts.twoPanels, View: Pair },
          { id: "report", name: testStepTexts.report, View: Report },
          { id: "standin", name: testStepTexts.simulator, View: StandIn },
        ]}
      />
    </ProveFacts>
  );
}
