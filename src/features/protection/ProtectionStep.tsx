"use client";

import dynamic from "next/dynamic";
import { SheetTabs } from "@/ui";
import { DrawingSheet } from "./DrawingSheet";
import { ProtectFacts } from "./facts";
import { protectionStepTexts } from "@/messages/en/protection/view";

const Cables = dynamic(() => import("./CablesSheet").then((part) => part.CablesSheet));
const Plugs = dynamic(() => import("./PlugsSheet").then((part) => part.PlugsSheet));
const List = dynamic(() => import("./ListSheet").then((part) => part.ListSheet));
const Order = dynamic(() => import("./OrderSheet").then((part) => part.OrderSheet));

/** A wiring becomes copper: its drawing, its cables, its plugs, what to buy, and in which order it is done. */
export function ProtectionStep() {
  return (
    <ProtectFacts>
      <SheetTabs
        name={protectionStepTexts.protection}
        sheets={[
          { id: "drawing", name: protectionStepTexts.diagram, View: DrawingSheet },
          { id: "cables", name: protectionStepTexts.cables, View: Cables },
          { id: "plugs", name: protectionStepTexts.connectors, View: Plugs },
          { id: "list", name: protectionStepTexts.partsList, View: List },
          { id: "order", name: protectionStepTexts.orderOfWork, View: Order },
        ]}
      />
    </ProtectFacts>
  );
}
