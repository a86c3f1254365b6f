"use client";

import { placeYields } from "@/core/wiring/year";
import { usePlan } from "@/features/plan-session";
import { PrintTable } from "@/ui";
import { amount, monthName } from "@/messages/en";
import { goalsOf } from "./goals";
import { loadDayWords, loadDetail, seasonWords } from "@/messages/en/need/loads";
import { needPrintTexts } from "@/messages/en/need/view";

/** What is used, by season, and the panels it asks for by both methods. */
export function NeedPrint() {
  const plan = usePlan();
  const { need } = plan;
  const goals = goalsOf(plan, placeYields(plan, null));
  return (
    <>
      {need.by === "list" && need.loads.length > 0 && (
        <PrintTable
          caption={needPrintTexts.whatRunsInADay}
          head={[needPrintTexts.appliance, needPrintTexts.use, "A day"]}
          rows={need.loads.map((load) => [load.name, loadDetail(load), loadDayWords(need, load)])}
        />
      )}
      <PrintTable
        caption={needPrintTexts.dailyUseBySeason}
        head={["", ...goals.seasons.map(({ season }) => seasonWords[season])]}
        rows={[
          [needPrintTexts.total, ...goals.seasons.map(({ totalWh }) => amount(totalWh, "Wh"))],
          [needPrintTexts.atTheBattery, ...goals.seasons.map(({ ah }) => amount(ah, "Ah"))],
          [needPrintTexts.fromOtherSources, ...goals.seasons.map(({ sourcesWh }) => amount(sourcesWh, "Wh"))],
          [needPrintTexts.neededFromSolar, ...goals.seasons.map(({ sunWh }) => amount(sunWh, "Wh"))],
          [needPrintTexts.panelsByTheQuickRule, ...goals.seasons.map(({ quickW }) => amount(quickW, "W"))],
          [
            needPrintTexts.panelsLyingFlatCalculated,
            ...goals.seasons.map(({ flatW }) => (flatW === null ? "–" : amount(flatW, "W"))),
          ],
          [
            needPrintTexts.panelsTiltedTiltDegCalculated(goals.tiltDeg),
            ...goals.seasons.map(({ tiltedW }) => (tiltedW === null ? "–" : amount(tiltedW, "W"))),
          ],
          [needPrintTexts.darkestMonth, ...goals.seasons.map(({ darkest }) => monthName(darkest.month))],
        ]}
      />
      <p style={{ whiteSpace: "pre-wrap" }}>{plan.notes.need}</p>
    </>
  );
}
