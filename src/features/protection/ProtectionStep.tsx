"use client";

import dynamic from "next/dynamic";
import { SheetTabs } from "@/ui";
import { DrawingSheet } from "./DrawingSheet";
import { ProtectFacts } from "./facts";

const Cables = dynamic(() => import("./CablesSheet").then((part) => part.CablesSheet));
const Plugs = dynamic(() => import("./PlugsSheet").then((part) => part.PlugsSheet));
const List = dynamic(() => import("./ListSheet").then((part) => part.ListSheet));
const Order = dynamic(() => import("./OrderSheet").then((part) => part.OrderSheet));

/** A wiring becomes copper: its drawing, its cables, its plugs, what to buy, and in which order it is done. */
export function ProtectionStep() {
  return (
    <ProtectFacts>
      <SheetTabs
        name="Protection"
        sheets={[
          { id: "drawing", name: "Drawing", View: DrawingSheet },
          { id: "cables", name: "Cables", View: Cables },
          { id: "plugs", name: "Plugs", View: Plugs },
          { id: "list", name: "What to buy", View: List },
          { id: "order", name: "Order of work", View: Order },
        ]}
      />
    </ProtectFacts>
  );
}
