import { useState } from "react";
import { browserClient } from "@/api";
import { type WalkStep } from "@/core/commissioning";
import { keyOf } from "@/core/engine/array";
import { linesFor, parseAnswer, readingOf } from "@/simulator";
import { type ProveWalk } from "@/workers";
import { useProve } from "./facts";
import { useReadFromMeterTexts } from "@/messages/en/commissioning/view";
import { commonTexts } from "@/messages/en/common/view";

type ReadOutcome = { readonly value: number; readonly why: null } | { readonly value: null; readonly why: string };

/** Where devices find the place of a step: panels by their number in the walk. */
function devicePlace({ place }: WalkStep, { keys }: ProveWalk) {
  switch (place.type) {
    case "panel":
      return { type: "panel", id: keys.indexOf(keyOf(place)) + 1 } as const;
    case "string":
      return { type: "string", n: place.n } as const;
    case "array":
    case "input":
      return place;
  }
}

/** Sets the stand-in's devices for a step and takes what they show. */
export function useReadFromMeter() {
  const { standIn, walk } = useProve();
  const [isReading, setReading] = useState(false);
  const read = async (step: WalkStep): Promise<ReadOutcome> => {
    if (standIn === null || walk === null) return { value: null, why: commonTexts.noSimulator };
    setReading(true);
    const { quantity, band } = step;
    const lines = linesFor(
      devicePlace(step, walk),
      quantity,
      quantity === "openV" ? (band?.high ?? 60) : 0,
      band?.due ?? 1,
    );
    const result = await browserClient.standIns.say(standIn.id, lines);
    setReading(false);
    if (result.type === "fault") return { value: null, why: result.fault.message };
    const answers = result.value.answers;
    const refused = answers.find((answer) => answer.startsWith("ERR "));
    const outcome = readingOf(parseAnswer(refused ?? answers.at(-1) ?? ""), quantity);
    return outcome.value === null
      ? { value: null, why: useReadFromMeterTexts.noReadingFromTheSimulatorWhy(outcome.why) }
      : outcome;
  };
  return { read, isReading };
}
