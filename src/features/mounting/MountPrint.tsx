"use client";

import { mountReport, type MountReport, reportClock, surfacesUnder } from "@/core/mounting";
import { mountEnvironment } from "@/core/plan-model";
import { positionIdOf, useAssessment, useDeskState, usePlan } from "@/features/plan-session";
import { jobTable, surfacePapers } from "@/features/print-tables";
import { levelWords, PrintTable, SvgPicture, useUnits } from "@/ui";
import {
  findingSentence,
  gateWords,
  materialName,
  mountCautions,
  methodWords,
  takenWords,
  toolName,
  windWords,
} from "@/messages/en";
import { clockTime, startOf } from "./times";
import { useDaylight } from "./useDaylight";
import { mountPrintTexts } from "@/messages/en/mounting/view";

/** The job cards with boxes to tick, drawings of where it lies, what it takes, and what to take care of. */
export function MountPrint() {
  const plan = usePlan();
  const system = useUnits();
  const assessment = useAssessment();
  const told =
    assessment?.type === "assessed"
      ? assessment.findings.filter(({ step, level }) => step === "mounting" && level !== "good")
      : [];
  return (
    <>
      {plan.fixings.list.map((fixing) => (
        <Card key={fixing.id} report={mountReport(plan, fixing, mountEnvironment(plan))} />
      ))}
      {told.length > 0 && <h2>{mountPrintTexts.findings}</h2>}
      {told.map((finding) => (
        <p key={finding.id}>
          {levelWords[finding.level]}: {findingSentence(finding, system)}
        </p>
      ))}
      <h2>{mountPrintTexts.safety}</h2>
      <ul>
        {mountCautions.map((words) => (
          <li key={words}>{words}</li>
        ))}
      </ul>
      <p style={{ whiteSpace: "pre-wrap" }}>{plan.notes.mounting}</p>
    </>
  );
}

function Card({ report }: { readonly report: MountReport }) {
  const plan = usePlan();
  const system = useUnits();
  const positionId = useDeskState(positionIdOf);
  const { atMs } = useDeskState((state) => state.moment);
  const { fixing, held, gates, tools, holeMm } = report;
  const clock = reportClock(report, startOf(fixing, atMs), useDaylight());
  return (
    <section>
      <h2>
        {fixing.name}: {methodWords[fixing.method].name.toLowerCase()}
      </h2>
      {surfacesUnder(plan, fixing).map((surface) => {
        const { id, name, svg } = surfacePapers(plan, surface, positionId);
        return <SvgPicture key={id} svg={svg} alt={mountPrintTexts.drawingOfName(name)} />;
      })}
      <PrintTable
        caption={mountPrintTexts.stepByStep}
        head={["", mountPrintTexts.step, mountPrintTexts.how, mountPrintTexts.timeAbout]}
        rows={jobTable(report, clock.steps, system).map(({ isDone, what, how, toMs }) => [
          isDone ? "☑" : "☐",
          what,
          how,
          clockTime(toMs, atMs),
        ])}
      />
      {clock.driveMs !== null && (
        <p>
          {mountPrintTexts.leaveAloneAndDoNotDriveBefore(clockTime(clock.driveMs, atMs))}
          {clock.curedMs === null ? "" : mountPrintTexts.fullyCuredClockTime(clockTime(clock.curedMs, atMs))}.
        </p>
      )}
      <PrintTable
        caption={mountPrintTexts.measuredTwiceFromTheLeftAndFrom}
        head={[mountPrintTexts.what, mountPrintTexts.inThePlan, mountPrintTexts.first, mountPrintTexts.second]}
        rows={gates.map(({ gate, planned, first, second, passedOver }) => {
          const at = (place: { readonly fromLeftMm: number; readonly fromBackMm: number } | null) =>
            place === null ? "" : mountPrintTexts.fromLeftMmFromBackMmMm(place.fromLeftMm, place.fromBackMm);
          return [
            gateWords[gate].name,
            at(planned),
            first === null && passedOver !== null ? "skipped" : at(first),
            at(second),
          ];
        })}
      />
      {held !== null && (
        <>
          <PrintTable
            caption={mountPrintTexts.materials}
            head={[mountPrintTexts.material, mountPrintTexts.needed, mountPrintTexts.bought]}
            rows={held.takes.map((taken) => [materialName(taken, system), takenWords(taken, system), "☐"])}
          />
          <p>{mountPrintTexts.toolsTools(tools.map((tool) => toolName(tool, holeMm, system)).join("; "))}</p>
          <p>{mountPrintTexts.calculatedForWind(windWords(held.load, system))}</p>
        </>
      )}
    </section>
  );
}
