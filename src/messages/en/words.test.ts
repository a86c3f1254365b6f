import fc from "fast-check";
import { applyChange, type Plan } from "@/core/plan";
import { allFixes } from "@/core/wiring/best-wirings";
import { assess } from "@/core/assessment";
import { demoPlans } from "@/demo";
import { demoPlan, runs } from "@/testing";
import { assumptionSentence, findingSentence, fixSentence, missingSentence, visible, whyLines } from ".";

/** Demo plans pulled about: every wiring, ceilings and limits there or not, silent labels, unknown sites. */
const anyPlan: fc.Arbitrary<Plan> = fc
  .record({
    which: fc.integer({ min: 0, max: 3 }),
    series: fc.integer({ min: 1, max: 8 }),
    strings: fc.integer({ min: 1, max: 4 }),
    maxV: fc.option(fc.integer({ min: 20, max: 150 })),
    maxW: fc.option(fc.integer({ min: 50, max: 900 })),
    silent: fc.boolean(),
    absolute: fc.boolean(),
    basis: fc.constantFrom("voc" as const, "vmp" as const, "unknown" as const),
  })
  .map(({ which, series, strings, maxV, maxW, silent, absolute, basis }) => {
    const plan = demoPlans()[which] as Plan;
    const wiring = plan.wirings[0] as Plan["wirings"][number];
    const { inputId, portId } = wiring.portArrays[0] as Plan["wirings"][number]["portArrays"][number];
    const panelId = plan.panels[0]?.id ?? "";
    const nature = absolute ? "neverExceed" : "drawsUpTo";
    let changed = applyChange(plan, {
      type: "fillPortArray",
      wiringId: wiring.id,
      inputId,
      portId,
      panelId,
      series,
      strings,
      more: series * strings,
    });
    changed = applyChange(changed, {
      type: "setPort",
      inputId: inputId ?? "",
      portId: portId ?? "",
      patch: { maxV, maxW, maxWNature: nature, ceilingBasis: basis },
    });
    if (silent)
      changed = applyChange(changed, {
        type: "setLabel",
        panelId,
        patch: { tempCoVocPctPerC: null, maxSystemV: null, bypassDiodes: null },
      });
    return silent
      ? applyChange(changed, {
          type: "setSite",
          patch: { recordLowC: null, recordHighC: null, latitudeDeg: null, mount: null },
        })
      : changed;
  });

test("every finding, reason, assumption and fix has its words, with numbers and units and nothing undefined", () => {
  const outcomes = new Set<string>();
  fc.assert(
    fc.property(anyPlan, (plan) => {
      const wiringId = plan.wirings[0]?.id ?? "";
      const assessment = assess(plan, wiringId);
      if (assessment.type !== "assessed") throw new Error("a demo plan is complete");
      for (const fix of [...allFixes(plan, wiringId).values()].flatMap(({ fixes }) => fixes))
        expect(fixSentence(fix, "metric")).toMatch(
          /^(Wire|Leave|Take|Move|Fit|Use|Bypass|Join|Plug|Add|Replace|Remove|Raise|Turn|Set|Make|Calculate) /,
        );
      for (const finding of assessment.findings) {
        const { lines, source } = whyLines(finding, "metric");
        const said = [
          findingSentence(finding, "metric"),
          ...lines,
          source,
          ...finding.assumptions.map((each) => assumptionSentence(each, "metric")),
        ];
        const us = whyLines(finding, "us");
        for (const words of [findingSentence(finding, "us"), ...us.lines, us.source])
          expect(words).not.toMatch(/\d\s(?:mm|cm|cm²|kg|N|kPa|kN\/m²|m)(?![²\w/])/);
        for (const words of said) expect(words).not.toMatch(/undefined|NaN|null|Infinity|\[object/);
        // what is fixed how, and whether it was measured, may have no number
        if (finding.value !== null || finding.step !== "mounting")
          expect(findingSentence(finding, "metric")).toMatch(
            /\d[\d.]*\s(V|A|W|%|kg|mm|cm²|°C|N)|All strings match|do not reduce the others|on the shelf/,
          );
        expect(findingSentence(finding, "metric")).toMatch(/[.?]$/);
        outcomes.add(
          "outcome" in finding.reason ? `${finding.reason.type}.${finding.reason.outcome}` : finding.reason.type,
        );
      }
    }),
    { numRuns: runs(28) },
  );
  expect(outcomes.size).toBeGreaterThan(14);
});

test("a Stop says what too many volts do, and says so when the sheet does not", () => {
  const boat = demoPlan("Narrowboat");
  const sentence = (overVoltage: "shutsOut" | "mayDestroy" | "unknown") => {
    const assessment = assess(
      applyChange(boat, { type: "setPort", inputId: "controller", portId: "pv", patch: { overVoltage } }),
      "wiring-1",
    );
    return assessment.type === "assessed" && assessment.findings[0] !== undefined
      ? findingSentence(assessment.findings[0], "metric")
      : "";
  };
  expect(sentence("shutsOut")).toMatch(/shows 0 W/);
  expect(sentence("mayDestroy")).toMatch(/can destroy the controller\./);
  expect(sentence("unknown")).toMatch(/sheet does not say/);
});

test("the same number stands with one precision wherever it stands", () => {
  const boat = demoPlan("Narrowboat");
  const assessment = assess(boat, "wiring-1");
  if (assessment.type !== "assessed" || assessment.findings[0] === undefined) throw new Error("expected a verdict");
  const cold = /Voc of this array is ([\d.]+)\sV/.exec(findingSentence(assessment.findings[0], "metric"))?.[1];
  expect(whyLines(assessment.findings[0], "metric").lines.join(" ")).toContain(
    `Compared with the limit: ${cold ?? "?"}\u00a0V`,
  );
});

test("what is missing is said with where to put it", () => {
  expect(missingSentence({ type: "noPanel" })).toMatch(/at Panels/);
  expect(missingSentence({ type: "noInput" })).toMatch(/at Controller/);
  expect(missingSentence({ type: "labelIncomplete", panelName: "Roof", fields: ["vocV", "iscA"] })).toMatch(
    /“Roof” still lacks Voc, Isc/,
  );
});

test.each([
  ["Van", "Van"],
  ["\u200b\u2060", "‹U+200B›‹U+2060›"],
  ["\u3164", "‹U+3164›"],
  ["   ", "‹blank›"],
  ["Van \u202egnp.exe", "Van ‹U+202E›gnp.exe"],
  // joiners that belong to what they join
  ["می\u200cخواهم", "می\u200cخواهم"],
  ["👩\u200d🔧", "👩\u200d🔧"],
])("the name %j is shown as %j", (name, shown) => expect(visible(name)).toBe(shown));
