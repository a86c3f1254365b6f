"use client";

import { placeYields } from "@/core/wiring/year";
import { usePlan } from "@/features/plan-session";
import { PrintTable } from "@/ui";
import { amount, monthName } from "@/messages/en";
import { goalsOf } from "./goals";
import { loadDayWords, loadDetail, seasonWords } from "./words";

/** What is used, by season, and the panels it asks for by both methods. */
export function NeedPrint() {
  const plan = usePlan();
  const { need } = plan;
  const goals = goalsOf(plan, placeYields(plan, null));
  return (
    <>
      {need.by === "list" && need.loads.length > 0 && (
        <PrintTable
          caption="What runs in a day"
          head={["Appliance", "How", "A day"]}
          rows={need.loads.map((load) => [load.name, loadDetail(load), loadDayWords(need, load)])}
        />
      )}
      <PrintTable
        caption="A day, by season"
        head={["", ...goals.seasons.map(({ season }) => seasonWords[season])]}
        rows={[
          ["Together", ...goals.seasons.map(({ totalWh }) => amount(totalWh, "Wh"))],
          ["At the battery", ...goals.seasons.map(({ ah }) => amount(ah, "Ah"))],
          ["From other sources", ...goals.seasons.map(({ sourcesWh }) => amount(sourcesWh, "Wh"))],
          ["Left for the sun", ...goals.seasons.map(({ sunWh }) => amount(sunWh, "Wh"))],
          ["Panels by the quick rule", ...goals.seasons.map(({ quickW }) => amount(quickW, "W"))],
          [
            "Panels lying flat, computed",
            ...goals.seasons.map(({ flatW }) => (flatW === null ? "–" : amount(flatW, "W"))),
          ],
          [
            `Panels tilted ${goals.tiltDeg}°, computed`,
            ...goals.seasons.map(({ tiltedW }) => (tiltedW === null ? "–" : amount(tiltedW, "W"))),
          ],
          ["Darkest month", ...goals.seasons.map(({ darkest }) => monthName(darkest.month))],
        ]}
      />
      <p style={{ whiteSpace: "pre-wrap" }}>{plan.notes.need}</p>
    </>
  );
}
