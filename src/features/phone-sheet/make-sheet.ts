import { format } from "date-fns";
import { mountReport, reportClock } from "@/core/mounting";
import { type Plan, type Wiring } from "@/core/plan";
import { diagramOf, graphOf, layoutAsk, protectReport } from "@/core/protection/diagram";
import { type Moment } from "@/core/commissioning";
import { createSolveCache, mountEnvironment, solvableById } from "@/core/plan-model";
import { diagramSheets, sheetSvg } from "@/core/drawings";
import { fixingList, type HourDue, type PortHours, readKey } from "@/core/phone-sheet";
import { type UnitSystem } from "@/core/engine/units";
import { unsaidSky } from "@/core/measurements";
import { cableTable, drawingNote, jobTable, surfacePapers, workLists } from "@/features/print-tables";
import { askWalk } from "@/features/commissioning-request";
import { type SheetData } from "@/phone-sheet/sheet-data";
import {
  amount,
  boxWords,
  gateWords,
  mountCautions,
  portPortArrays,
  proveCautions,
  quantityUnits,
  quantityWords,
  readPlaceName,
  workStepWords,
} from "@/messages/en";
import { pageLayout, workerClient } from "@/workers";
import { type HourLine, type ReadLine, type SheetContent } from "./sheet-content";
import { makeSheetTexts } from "@/messages/en/phone-sheet/view";

export type SheetAsk = {
  readonly plan: Plan;
  readonly planId: string;
  readonly revision: number;
  readonly wiring: Wiring;
  readonly positionId: string;
  readonly verdict: string;
  readonly moment: Moment;
  readonly system: UnitSystem;
};

const days = 3;

/** Gathers all of the sheet: drawings, order of work, what is due in the days to come, fields for readings. */
export async function sheetContent(ask: SheetAsk, told: (share: number) => void): Promise<SheetContent> {
  const { plan, planId, revision, wiring, positionId, verdict, moment, system } = ask;
  const fixings = plan.fixings.list.map((fixing) => mountReport(plan, fixing, mountEnvironment(plan)));
  const report = protectReport(solvableById(plan, wiring.id, null, createSolveCache()));
  const hasWires = report.assembly.parts.length > 0;
  const ports = await hoursOf(ask, told);
  const brightMs = brightest(ports)?.atMs ?? moment.atMs;
  const reads = await Promise.all(
    portPortArrays(plan, wiring).map(async ({ inputId, portId, name }) => ({
      name,
      hours: (ports.find((port) => port.inputId === inputId && port.portId === portId)?.hours ?? []).map(hourLine),
      reads: await readLines(ask, inputId, portId, brightMs),
    })),
  );
  return {
    made: `${planId}-${wiring.id}-${revision}`,
    planId,
    wiringId: wiring.id,
    title: plan.name,
    under: makeSheetTexts.nameRevisionRevisionMadeMade(wiring.name, revision, format(moment.atMs, "d MMM yyyy, HH:mm")),
    verdict,
    surfaces: plan.space.surfaces.map((surface) => surfacePapers(plan, surface, positionId, "screen")),
    diagrams: hasWires ? await diagramsOf(ask, report) : [],
    cables: hasWires ? cableTable(report, system) : null,
    lists: [
      ...fixings.map((of) => {
        // by the clock only the order counts here: the sheet is worked by whenever
        const { steps } = reportClock(of, moment.atMs, () => true);
        return {
          id: fixingList(of.fixing.id),
          name: of.fixing.name,
          steps: jobTable(of, steps, system).map(({ step, what, how, isDone }) => ({ id: step, what, how, isDone })),
        };
      }),
      ...(hasWires ? workLists(report) : []).map(({ name, steps }) => ({
        id: name,
        name,
        steps: steps.map((step) => ({ id: workStepWords(step), what: workStepWords(step), how: "", isDone: false })),
      })),
    ],
    gates: fixings.flatMap(({ fixing, gates }) =>
      gates.flatMap(({ gate, planned, first, second }) =>
        (["first", "second"] as const)
          .filter((which) => (which === "first" ? first : second) === null)
          .map((which) => ({
            key: `${fixing.id}/${gate}/${which}`,
            name: `${gateWords[gate].name}, ${which} time`,
            planned:
              planned === null ? "" : makeSheetTexts.fromLeftMmFromBackMmMm(planned.fromLeftMm, planned.fromBackMm),
          })),
      ),
    ),
    ports: reads,
    airC: ports[0]?.airC ?? 15,
    brightAt: format(brightMs, "EEEE HH:mm"),
    cautions: [...mountCautions, ...proveCautions],
  };
}

/** What its script knows of it. */
export function sheetData({ made, planId, wiringId, ports }: SheetContent): SheetData {
  return {
    made,
    plan: planId,
    wiring: wiringId,
    ports: ports.map(({ name, hours }) => ({
      name,
      hours: hours.map(({ atMs, clearW, overcastW }) => [atMs, Math.round(clearW), Math.round(overcastW)] as const),
    })),
  };
}

async function hoursOf(
  { plan, wiring, moment }: SheetAsk,
  told: (share: number) => void,
): Promise<readonly PortHours[]> {
  const outcome = await workerClient().ask(
    "hoursDue",
    { plan, wiringId: wiring.id, fromMs: moment.atMs, days, longitudeDeg: moment.longitudeDeg },
    { topic: "roof sheet", queue: "patient", once: ["plan"], progressed: ({ share }) => told(share) },
  );
  if (outcome.type === "failed") throw new Error(outcome.message);
  return outcome.type === "done" ? outcome.value : [];
}

function brightest(ports: readonly PortHours[]): HourDue | null {
  return ports
    .flatMap(({ hours }) => hours)
    .reduce<HourDue | null>((best, hour) => (best === null || hour.lightWm2 > best.lightWm2 ? hour : best), null);
}

function hourLine({ atMs, openV, runV, runA, clearW, overcastW }: HourDue): HourLine {
  return {
    atMs,
    day: format(atMs, "EEE"),
    hour: format(atMs, "HH:mm"),
    openV: openV.toFixed(1),
    runV: runV.toFixed(1),
    runA: runA.toFixed(2),
    clearW,
    overcastW,
  };
}

/** The readings of a port's walk, each with the band that is due at the brightest hour. */
async function readLines(
  { plan, wiring, moment }: SheetAsk,
  inputId: string,
  portId: string,
  atMs: number,
): Promise<readonly ReadLine[]> {
  const sky = { ...unsaidSky, cloud: "clear" as const };
  const walk = await askWalk(
    { plan, wiringId: wiring.id, inputId, portId, sky, moment: { ...moment, atMs } },
    `roof sheet ${inputId} ${portId}`,
  );
  return (walk?.steps ?? []).map(({ place, quantity, band }) => ({
    key: readKey({ inputId, portId, place, quantity }),
    place: readPlaceName(plan, place),
    what: quantityWords[quantity],
    unit: quantityUnits[quantity],
    low: band?.low ?? null,
    high: band?.high ?? null,
    due:
      band === null
        ? ""
        : makeSheetTexts.lowToHigh(
            amount(band.low, quantityUnits[quantity]),
            amount(band.high, quantityUnits[quantity]),
          ),
  }));
}

async function diagramsOf(
  { plan, wiring, system }: SheetAsk,
  report: ReturnType<typeof protectReport>,
): Promise<readonly string[]> {
  const graph = graphOf(report.assembly, (part) => boxWords(part, plan, report, system));
  const answer = await pageLayout().place(layoutAsk(graph));
  const title = `${plan.name}: ${wiring.name}`;
  return diagramSheets(title, drawingNote(report), diagramOf(graph, answer), "a4").map(sheetSvg);
}
