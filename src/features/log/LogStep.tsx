"use client";

import dynamic from "next/dynamic";
import { SheetTabs } from "@/ui";
import { LogFacts } from "./facts";
import { LogSheet } from "./LogSheet";
import { logStepTexts } from "@/messages/en/log/view";

const Jobs = dynamic(() => import("./JobsSheet").then((part) => part.JobsSheet));
const ForRoof = dynamic(() => import("@/features/phone-sheet").then((part) => part.PhoneSheetTab));
const Month = dynamic(() => import("./MonthSheet").then((part) => part.MonthSheet));

/** Living with it: what it gives against what is due, what is to be done and when, a month in a page. */
export function LogStep() {
  return (
    <LogFacts>
      <SheetTabs
        name={logStepTexts.log}
        sheets={[
          { id: "log", name: logStepTexts.log, View: LogSheet },
          { id: "jobs", name: logStepTexts.jobs, View: Jobs },
          { id: "month", name: logStepTexts.month, View: Month },
          { id: "roof", name: logStepTexts.phoneSheet, View: ForRoof },
        ]}
      />
    </LogFacts>
  );
}
