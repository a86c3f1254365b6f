"use client";

import dynamic from "next/dynamic";
import { SheetTabs } from "@/ui";
import { LogFacts } from "./facts";
import { LogSheet } from "./LogSheet";

const Jobs = dynamic(() => import("./JobsSheet").then((part) => part.JobsSheet));
const ForRoof = dynamic(() => import("@/features/phone-sheet").then((part) => part.PhoneSheetTab));
const Month = dynamic(() => import("./MonthSheet").then((part) => part.MonthSheet));

/** Living with it: what it gives against what is due, what is to be done and when, a month in a page. */
export function LogStep() {
  return (
    <LogFacts>
      <SheetTabs
        name="Log"
        sheets={[
          { id: "log", name: "Log", View: LogSheet },
          { id: "jobs", name: "Jobs", View: Jobs },
          { id: "month", name: "The month", View: Month },
          { id: "roof", name: "For the roof", View: ForRoof },
        ]}
      />
    </LogFacts>
  );
}
