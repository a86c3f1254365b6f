"use client";

import dynamic from "next/dynamic";
import { usePlan } from "@/features/plan-session";
import { SheetTabs } from "@/ui";
import { Choose } from "./Choose";
import { MountFacts, useMount } from "./facts";
import { JobCard } from "./JobCard";
import { WhichFixing } from "./WhichFixing";
import { mountingStepTexts } from "@/messages/en/mounting/view";

const Forces = dynamic(() => import("./ForcesSheet").then((part) => part.ForcesSheet));
const Takes = dynamic(() => import("./TakesSheet").then((part) => part.TakesSheet));
const RoofSurfaceTable = dynamic(() => import("./RoofSurfaceTable").then((part) => part.RoofSurfaceTable));

/** How panels are fixed, once: the job with its clock and its gates, what wind and heat do to it, what it takes. */
export function MountingStep() {
  const { fixings } = usePlan();
  return (
    <MountFacts>
      {fixings.list.length === 0 ? (
        <Choose />
      ) : (
        <>
          <WhichFixing />
          <Shown />
        </>
      )}
    </MountFacts>
  );
}

function Shown() {
  const { report } = useMount();
  if (report === null) return <Choose />;
  return (
    <SheetTabs
      name={mountingStepTexts.mounting}
      sheets={[
        { id: "job", name: mountingStepTexts.jobCard, View: JobCard },
        { id: "forces", name: mountingStepTexts.windAndHeat, View: Forces },
        { id: "takes", name: mountingStepTexts.materials, View: Takes },
        { id: "surfaces", name: mountingStepTexts.surfaces, View: RoofSurfaceTable },
      ]}
    />
  );
}
