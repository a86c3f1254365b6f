"use client";

import { diagramOf, graphOf, itemGroups, layoutAsk, protectReport } from "@/core/protection/diagram";
import { createSolveCache, solvableById } from "@/core/plan-model";
import { defaultPosition, type Plan, type Wiring } from "@/core/plan";
import { changeover } from "@/core/engine/array";
import { diagramSheets, sheetSvg } from "@/core/drawings";
import { useAssessment, usePlan, useWiring } from "@/features/plan-session";
import { cableTable, drawingNote, workLists } from "@/features/print-tables";
import { levelWords, PrintTable, SvgPicture, useUnits } from "@/ui";
import {
  boxWords,
  countWords,
  dangerWords,
  findingSentence,
  groupWords,
  itemWords,
  money,
  stepWords,
  weatherChecks,
  tradeRequired,
  workStepWords,
} from "@/messages/en";
import { changeoverTexts } from "@/messages/en/changeover/view";
import { pageLayout } from "@/workers";
import { protectPrintTexts } from "@/messages/en/protection/view";

/** The drawing, the cables, the list and the order of work, for the ladder. */
export function ProtectPrint() {
  const plan = usePlan();
  const wiring = useWiring();
  const system = useUnits();
  const assessment = useAssessment();
  // paper does not wait for a worker; what the screen has drawn is placed already
  const report = protectReport(solvableById(plan, wiring.id, null, createSolveCache()));
  const graph = graphOf(report.assembly, (part) => boxWords(part, plan, report, system));
  const answer = pageLayout().placed(layoutAsk(graph));
  const title = `${plan.name}: ${wiring.name}`;
  const sheets = answer === null ? [] : diagramSheets(title, drawingNote(report), diagramOf(graph, answer), "a4");
  if (report.assembly.parts.length === 0) return <p style={{ whiteSpace: "pre-wrap" }}>{plan.notes.protection}</p>;
  const told =
    assessment?.type === "assessed"
      ? assessment.findings.filter(({ step, level }) => step === "protection" && level !== "good")
      : [];
  const cables = cableTable(report, system);
  return (
    <>
      {sheets.map((sheet) => (
        <SvgPicture
          key={sheet.name}
          svg={sheetSvg(sheet)}
          alt={protectPrintTexts.wiringDiagram}
          style={{ width: "100%", maxHeight: "240mm", breakAfter: "page" }}
        />
      ))}
      <PrintTable
        caption={cables.caption}
        head={[...cables.head, protectPrintTexts.cutLength]}
        rows={cables.rows.map((cells) => [...cells, "☐"])}
      />
      <PrintTable
        caption={protectPrintTexts.partsToBuyParts(money(report.money.parts, plan.protect.currency))}
        head={[
          protectPrintTexts.part,
          protectPrintTexts.needed,
          protectPrintTexts.toBuy,
          protectPrintTexts.price,
          protectPrintTexts.bought,
        ]}
        rows={itemGroups.flatMap((group) =>
          report.lines
            .filter((line) => line.group === group)
            .map((line) => [
              `${groupWords[group]}: ${itemWords(line.item)}`,
              countWords(line.count, line.unit, system),
              countWords(line.toBuy, line.unit, system),
              money(line.money, plan.protect.currency),
              "☐",
            ]),
        )}
      />
      {workLists(report).map(({ name, steps }) => (
        <section key={name}>
          <h2>{name}</h2>
          <ol>
            {steps.map((step, k) => (
              <li key={k}>☐ {workStepWords(step)}</li>
            ))}
          </ol>
        </section>
      ))}
      {plan.wirings
        .filter(({ id }) => id !== wiring.id)
        .map((other) => (
          <PrintedChangeover key={other.id} plan={plan} from={wiring} to={other} />
        ))}
      {told.length > 0 && <h2>{protectPrintTexts.findings}</h2>}
      {told.map((finding) => (
        <p key={finding.id}>
          {levelWords[finding.level]}: {findingSentence(finding, system)}
        </p>
      ))}
      <h2>{protectPrintTexts.waterAndWind}</h2>
      <ul>
        {weatherChecks.map((check) => (
          <li key={check}>☐ {check}</li>
        ))}
      </ul>
      <h2>{protectPrintTexts.workForALicensedElectrician}</h2>
      {tradeRequired.map((words) => (
        <p key={words}>{words}</p>
      ))}
      <p style={{ whiteSpace: "pre-wrap" }}>{plan.notes.protection}</p>
    </>
  );
}

/** From this wiring to another, to be ticked: what is known without a worker. */
function PrintedChangeover({ plan, from, to }: { readonly plan: Plan; readonly from: Wiring; readonly to: Wiring }) {
  const steps = changeover(from.portArrays, to.portArrays, defaultPosition(plan, from), defaultPosition(plan, to));
  if (steps.length === 0) return null;
  return (
    <section>
      <h2>{changeoverTexts.heading(from.name, to.name)}</h2>
      {dangerWords([], to.name, steps).map((words) => (
        <p key={words}>
          <strong>{words}</strong>
        </p>
      ))}
      <ol>
        {steps.map((step) => {
          const words = stepWords(plan, step);
          return <li key={words}>☐ {words}</li>;
        })}
      </ol>
    </section>
  );
}
