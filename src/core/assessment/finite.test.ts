import fc from "fast-check";
import { runs, number, planWith } from "@/testing";
import { impossibleIn } from "../engine/panel";
import { assess } from "./assess";

/** Labels, ports and sites as absurd as their fields let them be, short of labels that no panel can have. */
const extreme = (least: number, most: number) =>
  fc.oneof(number(least, most), fc.constantFrom(least, most, Math.min(most, least * 1.0001)));

const absurdLabel = fc
  .record({
    vocV: extreme(0.5, 400),
    iscA: extreme(0.01, 40),
    ratioV: extreme(0.001, 0.9999),
    ratioI: extreme(0.001, 0.9999),
    off: extreme(0.91, 1.09),
    tempCoVocPctPerC: fc.option(extreme(-1.5, -0.001)),
    tempCoIscPctPerC: fc.option(extreme(-0.5, 0.5)),
    cellsInSeries: fc.option(fc.constantFrom(1, 2, 36, 144, 400)),
    bypassDiodes: fc.option(fc.constantFrom(0, 1, 3, 24)),
    cellType: fc.constantFrom("mono" as const, "poly" as const, "cigs" as const),
  })
  .map(({ ratioV, ratioI, off, ...label }) => {
    const [vmpV, impA] = [label.vocV * ratioV, label.iscA * ratioI];
    return { ...label, vmpV, impA, pmaxW: vmpV * impA * off };
  })
  .filter(({ pmaxW, ...rest }) => pmaxW >= 0.5 && pmaxW <= 1000 && rest.vmpV >= 0.5 && rest.impA >= 0.01);

const absurdSite = fc.record({
  recordLowC: extreme(-70, 25),
  recordHighC: extreme(25, 60),
  latitudeDeg: extreme(-90, 90),
  mount: fc.constantFrom("freeStanding" as const, "glued" as const),
});

const absurdPort = fc.record({
  maxV: fc.option(extreme(1, 1000)),
  minV: fc.option(extreme(0, 1000)),
  maxW: fc.option(extreme(1, 20000)),
  batteryV: fc.option(extreme(1, 100)),
  wakeMarginV: fc.option(extreme(0, 50)),
  conversion: fc.constantFrom("mppt" as const, "pwm" as const),
});

/** Paths of numbers that are none, anywhere in a value. */
function notFinite(value: unknown, path = ""): string[] {
  if (typeof value === "number") return Number.isFinite(value) ? [] : [`${path} is ${value}`];
  if (typeof value !== "object" || value === null) return [];
  return Object.entries(value).flatMap(([key, inner]) => notFinite(inner, `${path}.${key}`));
}

test("whatever a label, a port and a site may say, every number that is told is a number", () => {
  fc.assert(
    fc.property(
      absurdLabel,
      absurdPort,
      absurdSite,
      fc.integer({ min: 1, max: 4 }),
      fc.integer({ min: 1, max: 3 }),
      (panel, port, site, series, strings) => {
        const plan = planWith({ series, strings, panel, port, site });
        fc.pre(
          impossibleIn({
            ...panel,
            tempCoPmaxPctPerC: null,
            maxSeriesFuseA: null,
            maxSystemV: null,
            lengthMm: null,
            widthMm: null,
          }).length === 0,
        );
        const assessment = assess(plan, "wiring-1");
        if (assessment.type !== "assessed") throw new Error("expected a verdict");
        expect(assessment.findings.flatMap((finding) => notFinite(finding, finding.rule))).toEqual([]);
        expect(notFinite(assessment.takenW)).toEqual([]);
      },
    ),
    { numRuns: runs(12) },
  );
});
