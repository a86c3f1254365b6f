"use client";

import { designOf } from "@/core/cable";
import { sizeThatCounts } from "@/core/copper";
import { diagramOf, graphOf, itemGroups, layoutAsk, protectReport, workOrder } from "@/core/protect";
import { createMemory, readyById } from "@/core/rules";
import { diagramSheets, sheetSvg } from "@/core/sheet";
import { useAssessment, usePlan, useWiring } from "@/features/desk";
import { levelWords, PrintTable, useUnits } from "@/ui";
import {
  amount,
  boxWords,
  countWords,
  findingSentence,
  groupWords,
  itemWords,
  layingWords,
  lengthWords,
  money,
  percent,
  sizeWords,
  weatherChecks,
  whoseWork,
  workStepWords,
} from "@/words";
import { pageLayout } from "@/workers";
import { cableName } from "./CablesSheet";
import { drawingNote } from "./Exports";
import { allRuns } from "./runs";

/** The drawing, the cables, the list and the order of work, for the ladder. */
export function ProtectPrint() {
  const plan = usePlan();
  const wiring = useWiring();
  const system = useUnits();
  const assessment = useAssessment();
  // paper does not wait for a worker; what the screen has drawn is placed already
  const report = protectReport(readyById(plan, wiring.id, null, createMemory()));
  const graph = graphOf(report.assembly, (part) => boxWords(part, plan, report, system));
  const answer = pageLayout().placed(layoutAsk(graph));
  const title = `${plan.name}: ${wiring.name}`;
  const sheets = answer === null ? [] : diagramSheets(title, drawingNote(report), diagramOf(graph, answer), "a4");
  if (report.assembly.parts.length === 0) return <p style={{ whiteSpace: "pre-wrap" }}>{plan.notes.protect}</p>;
  const told =
    assessment?.type === "assessed"
      ? assessment.findings.filter(({ stop, level }) => stop === "protect" && level !== "good")
      : [];
  const { making, connecting, takingOff } = workOrder(report);
  const orders = [
    { name: "Making the leads", steps: making },
    { name: "Connecting", steps: connecting },
    { name: "Taking off", steps: takingOff },
  ];
  return (
    <>
      {sheets.map((sheet) => (
        // eslint-disable-next-line @next/next/no-img-element -- drawn here, nothing to fetch
        <img
          key={sheet.name}
          src={`data:image/svg+xml,${encodeURIComponent(sheetSvg(sheet))}`}
          alt="Wiring diagram"
          style={{ width: "100%", maxHeight: "240mm", breakAfter: "page" }}
        />
      ))}
      <PrintTable
        caption="Cables, each twice: plus and minus"
        head={["Cable", "One way", "Lies", "Size", "Must carry", "Loses", "Cut"]}
        rows={allRuns(report).map((run) => {
          const size = sizeThatCounts(run);
          return [
            cableName(report, run),
            `${run.lengthBy === "assumed" ? "about " : ""}${lengthWords(run.lengthMm, system)}`,
            layingWords[run.lies],
            size === null ? "" : sizeWords(size.size.name),
            run.ask === null ? "" : amount(designOf(run.ask), "A"),
            size === null ? "" : `${percent(size.dropPct)}, ${amount(size.lossW, "W")}`,
            "☐",
          ];
        })}
      />
      <PrintTable
        caption={`Parts to buy: ${money(report.money.parts, plan.protect.currency)}`}
        head={["Part", "Takes", "To buy", "Money", "Got"]}
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
      {orders.map(({ name, steps }) => (
        <section key={name}>
          <h2>{name}</h2>
          <ol>
            {steps.map((step, k) => (
              <li key={k}>☐ {workStepWords(step)}</li>
            ))}
          </ol>
        </section>
      ))}
      {told.length > 0 && <h2>To do and to know</h2>}
      {told.map((finding) => (
        <p key={finding.id}>
          {levelWords[finding.level]}: {findingSentence(finding, system)}
        </p>
      ))}
      <h2>Water and wind</h2>
      <ul>
        {weatherChecks.map((check) => (
          <li key={check}>☐ {check}</li>
        ))}
      </ul>
      <h2>Whose work it is</h2>
      {whoseWork.map((words) => (
        <p key={words}>{words}</p>
      ))}
      <p style={{ whiteSpace: "pre-wrap" }}>{plan.notes.protect}</p>
    </>
  );
}
