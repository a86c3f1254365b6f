import { type PanelSheet, plainRun, type Plan } from "../../plan";
import { matrixStrings } from "../../engine/array";
import { demoPanels } from "@/demo";
import { changed, createRandom, runs, planWith, string, verdictOn } from "@/testing";
import { allFixes } from ".";

const stopsIn = (verdict: ReturnType<typeof verdictOn>) => verdict.findings.filter(({ level }) => level === "stop");

/** A plan of equal panels on one port that fails, its limits drawn around what the panels reach. */
function failingPlan(seed: number): Plan | null {
  const draw = createRandom(seed);
  const label = draw.pick<PanelSheet>([demoPanels.rigid195, demoPanels.rigid120, demoPanels.rigid225]);
  const series = draw.whole(1, 6);
  const strings = draw.whole(1, Math.max(1, Math.floor(12 / series)));
  const vocV = label.vocV ?? 20;
  const iscA = label.iscA ?? 5;
  const split = draw.chance(0.4);
  const plan = planWith({
    series,
    strings,
    panel: { ...label, name: "Panel", maxSystemV: draw.pick([600, 1000]) },
    site: { recordLowC: draw.whole(-25, 5) },
    port: {
      minV: draw.number(0.3, 1.2) * vocV,
      maxV: Math.max(13, draw.number(0.8, 4.5) * vocV),
      maxW: draw.chance(0.6) ? draw.number(0.4, 3) * (label.pmaxW ?? 100) * draw.whole(1, 6) : null,
      currentLimits: [
        { fromV: null, toV: split ? 2 * vocV : null, amps: draw.number(0.6, 4) * iscA, nature: "drawsUpTo" },
        ...(split
          ? [{ fromV: 2 * vocV, toV: null, amps: draw.number(0.6, 4) * iscA, nature: "drawsUpTo" as const }]
          : []),
      ],
    },
  });
  return stopsIn(verdictOn(plan)).length === 0 ? null : plan;
}

const missingFuses = ({ reason, level }: ReturnType<typeof verdictOn>["findings"][number]) =>
  reason.type === "fuses" && level === "care" ? reason.missing : [];

/** The most watts at noon that any series × strings of the plan's panels takes without a Stop, by trying every one. */
function bestSafeW(plan: Plan): number {
  const count = plan.panels[0]?.given ?? 0;
  const [portArray] = plan.wirings[0]?.portArrays ?? [];
  let best = 0;
  for (let series = 1; series <= count; series++)
    for (let strings = 1; series * strings <= count; strings++) {
      const portArrays = [
        {
          inputId: portArray?.inputId ?? null,
          portId: portArray?.portId ?? null,
          strings: matrixStrings("p", series, strings),
        },
      ];
      const verdict = verdictOn(changed(plan, { type: "rewire", wiringId: "wiring-1", portArrays, counts: {} }));
      if (stopsIn(verdict).length === 0) best = Math.max(best, verdict.takenW.brightNoon);
    }
  return best;
}

test("the first fix of equal panels is the best safe wiring there is, and none leaves a Stop that it does not name", () => {
  let tried = 0;
  for (let seed = 1; tried < runs(8); seed++) {
    const plan = failingPlan(seed);
    if (plan === null) continue;
    tried += 1;
    const bestW = bestSafeW(plan);
    const fixes = allFixes(plan, "wiring-1");
    for (const stop of stopsIn(verdictOn(plan))) {
      const offered = fixes.get(stop.id)?.fixes ?? [];
      if (bestW > 0) expect({ seed, offered: offered.length > 0 }).toEqual({ seed, offered: true });
      for (const [k, fix] of offered.entries()) {
        const { changes, leaves } = fix;
        const after = verdictOn(changed(plan, ...changes));
        expect({ seed, left: leaves.map(({ rule }) => rule) }).toEqual({
          seed,
          left: stopsIn(after).map(({ rule }) => rule),
        });
        // the fuses it names are in: none is missing any more
        if (fix.fuses.length > 0)
          expect({ seed, missing: after.findings.flatMap(missingFuses) }).toEqual({ seed, missing: [] });
        if (k === 0 && bestW > 0)
          expect({ seed, share: after.takenW.brightNoon / bestW > 0.99 }).toEqual({ seed, share: true });
      }
    }
  }
});

const drawsUpTo = (amps: number, fromV: number | null = null, toV: number | null = null) => ({
  amps,
  fromV,
  toV,
  nature: "drawsUpTo" as const,
});
const hundred = {
  ...demoPanels.rigid120,
  name: "Hundred",
  pmaxW: 100,
  vocV: 23.9,
  iscA: 5.4,
  vmpV: 19.8,
  impA: 5.05,
  tempCoVocPctPerC: -0.3,
  maxSystemV: 600,
};
const large = {
  ...demoPanels.rigid225,
  name: "Large",
  pmaxW: 245,
  vocV: 37,
  iscA: 8.8,
  vmpV: 30,
  impA: 8.17,
  tempCoVocPctPerC: -0.31,
  cellsInSeries: 60,
  maxSystemV: 1000,
};
const onLarge = { minV: 20, maxV: 145, maxW: 1500, currentLimits: [drawsUpTo(14)] };
const twoTiers = { minV: 11, maxV: 58, maxW: null, currentLimits: [drawsUpTo(9, null, 30), drawsUpTo(12, 30, null)] };

test.each<[string, Parameters<typeof planWith>[0], { series: number; strings: number; bought: number }[]]>([
  [
    "three 100 W panels in series on a 58 V station: two, or four in two rows with one to buy",
    { series: 3, strings: 1, panel: hundred, port: twoTiers, site: { recordLowC: -12 } },
    [
      { series: 2, strings: 1, bought: 0 },
      { series: 2, strings: 2, bought: 1 },
    ],
  ],
  [
    "nine large panels side by side: three rows of three",
    { series: 1, strings: 9, panel: large, port: onLarge, site: { recordLowC: -12 } },
    [{ series: 3, strings: 3, bought: 0 }],
  ],
  [
    "four: two rows of two",
    { series: 4, strings: 1, panel: large, port: onLarge, site: { recordLowC: -12 } },
    [{ series: 2, strings: 2, bought: 0 }],
  ],
  [
    "six: two rows of three",
    { series: 6, strings: 1, panel: large, port: onLarge, site: { recordLowC: -12 } },
    [{ series: 3, strings: 2, bought: 0 }],
  ],
])("%s", (_, setting, expected) => {
  const plan = planWith(setting);
  const worst = verdictOn(plan).findings.find(
    ({ level, rule }) => level === "stop" || (level === "care" && rule === "current"),
  );
  const offered = (allFixes(plan, "wiring-1").get(worst?.id ?? "")?.fixes ?? []).map(({ kind, cost: { bought } }) =>
    kind.type === "matrix" ? { series: kind.series, strings: kind.strings, bought } : kind.type,
  );
  expect(offered).toEqual(expect.arrayContaining(expected));
});

describe("a long cable", () => {
  const four = (series: number, strings: number, size: string | null) =>
    changed(
      planWith({
        series,
        strings,
        panel: { ...hundred, pmaxW: 200, vocV: 24.5, iscA: 10.4, vmpV: 20.4, impA: 9.8, maxSeriesFuseA: 15 },
        port: { minV: 15, maxV: 150, maxW: 1000, currentLimits: [] },
        site: { recordLowC: -20 },
      }),
      {
        type: "setRun",
        wiringId: "wiring-1",
        run: {
          ...plainRun("r", "", { type: "junction", ...high }, { type: "isolator", ...high }),
          lengthMm: 25_000,
          size,
        },
      },
    );
  const high = { inputId: "i", portId: "high" };

  test.each([
    ["too thin for its amps", 2, 2, "10 AWG", "cableAmps"],
    ["too thick for its connectors", 2, 2, null, "terminals"],
    ["enough for no size", 1, 4, null, "cableAmps"],
  ] as const)("%s: all four in series come first, for less money", (_, series, strings, size, rule) => {
    const plan = four(series, strings, size);
    const worst = verdictOn(plan).findings.find((finding) => finding.rule === rule && finding.level !== "good");
    const [first] = allFixes(plan, "wiring-1").get(worst?.id ?? "")?.fixes ?? [];
    expect(first).toMatchObject({ kind: { type: "matrix", series: 4, strings: 1 }, cost: { bought: 0, shelved: 0 } });
    expect(first?.money?.more).toBeLessThan(0);
    const after = verdictOn(changed(plan, ...(first?.changes ?? [])));
    expect(after.findings.filter((finding) => finding.rule === rule && finding.level !== "good")).toEqual([]);
  });
});

describe("what lies on the shelf", () => {
  const fitting = { ...hundred, name: "Fitting, small" };
  /** One panel too large for its port, and two on the shelf that fit it. */
  const plan = changed(
    planWith({
      series: 1,
      strings: 1,
      panel: large,
      port: { ...onLarge, minV: 10, maxV: 30 },
      site: { recordLowC: -12 },
    }),
    { type: "addPanel", id: "f", libraryId: null, label: fitting },
    { type: "setCount", panelId: "f", count: 2 },
  );
  const remedy = (of: Plan) => {
    const stop = stopsIn(verdictOn(of))[0];
    return { stop, ...(allFixes(of, "wiring-1").get(stop?.id ?? "") ?? { fixes: [], needs: null }) };
  };

  test("is offered where it fits, with nothing to buy", () => {
    const { fixes } = remedy(plan);
    expect(fixes[0]).toMatchObject({
      kind: { type: "instead", series: 1, strings: 2 },
      cost: { bought: 0, shelved: 1 },
      leaves: [],
    });
  });

  test("takes the place of one panel that drags its string down", () => {
    const weak = { ...large, name: "Weak", iscA: 4.4, impA: 4.08, pmaxW: 122.4 };
    const mixed = changed(
      planWith({ series: 2, strings: 1, panel: large, port: onLarge }),
      { type: "setCount", panelId: "p", count: 3 },
      { type: "addPanel", id: "w", libraryId: null, label: weak },
      {
        type: "rewire",
        wiringId: "wiring-1",
        counts: {},
        portArrays: [{ inputId: "i", portId: "high", strings: [string(["p", 1], ["p", 2], ["w", 1])] }],
      },
    );
    const loss = verdictOn(mixed).findings.find(({ rule }) => rule === "mismatch");
    const fixes = allFixes(mixed, "wiring-1").get(loss?.id ?? "")?.fixes ?? [];
    expect(loss?.level).toBe("care");
    expect(fixes.map(({ kind }) => kind)).toContainEqual({
      type: "exchange",
      count: 1,
      outName: "Weak",
      inName: "Large",
    });
  });

  test("where only another input helps, the limit it needs is that of the mildest wiring", () => {
    const { stop, fixes, needs } = remedy(
      planWith({
        series: 3,
        strings: 1,
        panel: large,
        port: { ...onLarge, minV: 10, maxV: 30 },
        site: { recordLowC: -12 },
      }),
    );
    expect([stop?.rule, fixes]).toEqual(["coldVoc", []]);
    // one panel alone: 37.0 V × (1 + 0.0031 × 37)
    expect(needs?.limit.value).toBeGreaterThan(37 * 1.1147 - 0.001);
    expect(needs?.limit.value).toBeLessThan(37 * 1.1147 * 1.005);
    expect(needs?.kind).toMatchObject({ type: "matrix", series: 1 });
  });
});
