"use client";

import dynamic from "next/dynamic";
import { useParams, useRouter } from "next/navigation";
import { useEffect } from "react";
import { SheetTabs, useHash } from "@/ui";
import { UseSheet } from "./UseSheet";
import { needStepTexts } from "@/messages/en/need/view";

const PlaceSheet = dynamic(() => import("./place/PlaceSheet").then((part) => part.PlaceSheet));
const FacingSheet = dynamic(() => import("./facing/FacingSheet").then((part) => part.FacingSheet));

/** The step where a plan begins and is weighed: what is used, where, and how the panels face. */
export function NeedStep() {
  useYearMoved();
  return (
    <SheetTabs
      name={needStepTexts.need}
      sheets={[
        { id: "use", name: needStepTexts.dailyUse, View: UseSheet },
        { id: "place", name: needStepTexts.location, View: PlaceSheet },
        { id: "facing", name: needStepTexts.tiltDirection, View: FacingSheet },
      ]}
    />
  );
}

/** The year was a part of this step; addresses of then lead to where it is now. */
function useYearMoved(): void {
  const [hash] = useHash();
  const router = useRouter();
  const { id } = useParams<{ id: string }>();
  useEffect(() => {
    // while a step is gone to, the hash of the one before may still be heard: the address itself decides
    const { pathname, hash: now } = window.location;
    if (now === "#year" && pathname.endsWith("/need")) router.replace(`/plan/${id}/wiring#year`);
  }, [hash, id, router]);
}
