import { type Change, type End, plainRun, type Plan, type Cable } from "../../plan";
import { createSolveCache, solvableById } from "../../plan-model";
import { chooseSize, sizeNamed } from "../../engine/cable";
import { changed, demoPlan, createRandom, planWith, runs, randomPlan, withCopper } from "@/testing";
import { jointOf } from "../cabling";
import { conduitFor, boxFor } from "./box";
import { keyOfItem } from "./items";
import { installationLines, type ListLine, protectReport, workOrder } from ".";

const wiringId = "wiring-1";
const shed = demoPlan("Bee-keeper");
const port = { inputId: "station", portId: "pv" };
const ends: Readonly<Record<string, End>> = {
  string1: { type: "string", stringId: "r1" },
  string2: { type: "string", stringId: "r2" },
  string3: { type: "string", stringId: "r3" },
  junction: { type: "junction", ...port },
  isolator: { type: "isolator", ...port },
  port: { type: "port", ...port },
};
const run = (
  from: string,
  to: string,
  lengthMm: number,
  size: string | null,
  laid: Partial<Cable> = { where: "inside" },
): Change => ({
  type: "setRun",
  wiringId,
  run: {
    ...plainRun(`${from}-${to}`, from, ends[from] as End, ends[to] as End),
    ...laid,
    lengthMm,
    size,
  },
});
const reportOf = (plan: Plan) => protectReport(solvableById(plan, wiringId, null, createSolveCache()));
const counts = (lines: readonly ListLine[]) =>
  Object.fromEntries(lines.map(({ key, count, spare }) => [key, [count, spare]]));

/** Three strings of 3 m each, 38 m in the ground, 1.5 m inside; metric. */
const laid = changed(
  shed,
  { type: "setStandards", patch: { cable: "metric" } },
  ...["string1", "string2", "string3"].map((string) => run(string, "junction", 3000, "4 mm2")),
  run("junction", "isolator", 38_000, "16 mm2", { where: "ground", how: "buried" }),
  run("isolator", "port", 1500, "16 mm2"),
);

test("the list of the shed is the one that is counted by hand", () => {
  const { lines, portArrays, assumedLengths } = reportOf(laid);
  const [portArray] = portArrays;
  // 31.6 A under bright sky is more than branch plugs bear: a box
  expect([portArray?.joint, assumedLengths, portArray?.branches.map(({ fuseA }) => fuseA)]).toEqual([
    "box",
    0,
    [15, 15, 15],
  ]);
  const found = counts(lines);
  // 3 × 3 m of each colour and a tenth, by the half metre; 39.5 m and a tenth
  expect(found["cable 4 mm2 red"]?.map((each) => Number(each.toFixed(6)))).toEqual([9, 1]);
  expect(found["cable 16 mm2 black"]?.map((each) => Number(each.toFixed(6)))).toEqual([39.5, 4]);
  expect(found["fuse 15 1000"]).toEqual([3, 1]);
  expect(found["fuseHolder false"]).toEqual([3, 0]);
  expect(found["switch 32 60"]).toEqual([1, 0]);
  expect(found["bar 4"]).toEqual([2, 0]);
  expect(found["ring 4 mm2 M6"]).toEqual([6, 1]);
  expect(found["ring 16 mm2 M6"]).toEqual([2, 1]);
  expect(found["plugPair 4 mm PV latch connector"]?.[0]).toBe(3);
});

test("what is there already is not bought, and a price that is said is taken", () => {
  const before = reportOf(laid).lines.find(({ key }) => key === "fuse 15 1000");
  const plan = changed(laid, { type: "setPartPrice", price: { part: "fuse 15 1000", each: 5.5, owned: 2 } });
  const after = reportOf(plan);
  expect([before?.toBuy, before?.eachIsAssumed]).toEqual([4, true]);
  expect(after.lines.find(({ key }) => key === "fuse 15 1000")).toMatchObject({
    toBuy: 2,
    owned: 2,
    each: 5.5,
    money: 11,
    eachIsAssumed: false,
  });
  const sum = after.lines.reduce((total, { money }) => total + money, 0);
  expect(after.money.parts).toBeCloseTo(sum, 9);
  // three panels of 82 and a station of its price, over 720 W
  expect(after.money.panels).toBe(246);
  expect(after.money.perW).toBeCloseTo((sum + 246 + after.money.inputs) / 720, 9);
});

test("the shed's cables together: the longest string and all that is shared, and the joined cable by size and wiring", () => {
  const { drop, choice, runs: cables } = reportOf(laid).portArrays[0] ?? {};
  const dropOf = (part: string) => cables?.find((cable) => cable.part === part)?.chosen?.dropV ?? 0;
  expect(drop?.dropV).toBeCloseTo(dropOf("string") + dropOf("trunk") + dropOf("tail"), 9);
  expect(drop?.lengthMm).toBe(42_500);
  expect(choice?.lengthMm).toBe(39_500);
  // three panels: 3S is above 64 V on the coldest dawn, 1S3P is how they are wired
  expect(choice?.wirings.map(({ series, strings, isNow, isOverV }) => [series, strings, isNow, isOverV])).toEqual([
    [3, 1, false, true],
    [1, 3, true, false],
  ]);
  expect(choice?.sizes.every(({ cells }) => cells[0] === null)).toBe(true);
});

test("whatever four alike panels give: half the amps at twice the volts lose a quarter, and no size is enough that chooseSize refuses", () => {
  for (let seed = 1; seed <= runs(6); seed++) {
    const draw = createRandom(seed);
    const iscA = draw.number(4, 12);
    const plan = changed(
      planWith({ series: 2, strings: 2, port: { maxV: 500 }, panel: { iscA, impA: 0.94 * iscA, pmaxW: null } }),
      { type: "setStandards", patch: { cable: draw.pick(["land", "metric", "marine"]) } },
    );
    const [portArray] = reportOf(plan).portArrays;
    const choice = portArray?.choice;
    const ways = choice?.wirings.map(({ series }) => series);
    expect({ seed, ways }).toEqual({ seed, ways: [4, 2, 1] });
    for (const { cells } of choice?.sizes ?? []) {
      const [one, two, four] = cells.map((cell) => cell?.dropPct ?? 0);
      expect((two ?? 0) / (one ?? 1)).toBeCloseTo(4, 6);
      expect((four ?? 0) / (two ?? 1)).toBeCloseTo(4, 6);
    }
    const trunk = portArray?.runs.find(({ part }) => part === "trunk");
    const whole = trunk?.ask && { ...trunk.ask, metresOneWay: (choice?.lengthMm ?? 0) / 1000 };
    const advised = whole ? chooseSize(whole) : "noSize";
    const first = choice?.sizes.find(({ cells }) => cells[1]?.outcome === "enough")?.name;
    if (typeof advised !== "string" && advised.size.areaMm2 >= 2)
      expect({ seed, first }).toEqual({ seed, first: advised.size.name });
  }
});

test("cables that are advised lose together no more than one of them may, wherever sizes allow it", () => {
  let judged = 0;
  for (let seed = 1; seed <= runs(20); seed++) {
    const draw = createRandom(seed);
    const plan = withCopper(randomPlan(seed), draw);
    const bare = {
      ...plan,
      wirings: plan.wirings.map((wiring) => ({
        ...wiring,
        runs: wiring.runs.map((each) => ({ ...each, size: null })),
      })),
    };
    for (const { runs: cables, drop } of reportOf(bare).portArrays) {
      if (drop === null) continue;
      const limitOf = (part: string) => cables.find((cable) => cable.part === part)?.ask?.maxDropPct;
      expect(limitOf("trunk")).toBe(bare.protect.maxDropPct ?? 3);
      // where even the thickest of the table loses more than its share by length there is nothing to advise
      const isLost = cables.some(
        ({ noSize, thickest, lengthMm }) =>
          noSize !== null || (thickest?.dropPct ?? 0) > (drop.limitPct * lengthMm) / drop.lengthMm,
      );
      if (isLost) continue;
      judged += 1;
      expect({ seed, share: drop.dropPct / drop.limitPct <= 1 + 1e-9 }).toEqual({ seed, share: true });
    }
  }
  expect(judged).toBeGreaterThan(5);
});

test("diodes are told with what they save in the dark and cost in the light", () => {
  const { diodes } = reportOf(laid).portArrays[0] ?? {};
  // about 0.45 V of 30 V in each of three strings
  expect(diodes?.costW).toBeGreaterThan(6);
  expect(diodes?.costW).toBeLessThan(14);
  expect(reportOf(demoPlan("Rooftop")).portArrays[0]?.diodes).toBeNull();
});

test("the work is told battery first, panels last, and off again the other way round; glands before crimping", () => {
  for (let seed = 1; seed <= runs(12); seed++) {
    const plan = withCopper(randomPlan(seed), createRandom(seed + 500));
    const report = protectReport(solvableById(plan, wiringId, null, createSolveCache()));
    const { making, connecting, takingOff } = workOrder(report);
    const at = (steps: readonly { readonly type: string }[], type: string) =>
      steps.findIndex((step) => step.type === type);
    const last = (steps: readonly { readonly type: string }[], type: string) =>
      steps.findLastIndex((step) => step.type === type);
    if (report.portArrays.length === 0) continue;
    expect(at(connecting, "measureString")).toBeLessThan(at(connecting, "plugIn"));
    expect(last(connecting, "batteryFirst")).toBeLessThan(at(connecting, "plugIn"));
    expect(last(connecting, "plugIn")).toBeLessThan(at(connecting, "uncover"));
    // switched off, then covered, and only then is a connector opened
    expect(last(takingOff, "switchOff")).toBeLessThan(at(takingOff, "darken"));
    expect(at(takingOff, "darken")).toBeLessThan(at(takingOff, "unplugPort"));
    // fuses in, then the isolator; where there is none the panels are covered while it is plugged in
    expect(last(connecting, "putFuses")).toBeLessThan(at(connecting, "measureJoined"));
    for (const portArray of report.portArrays) {
      const [plug, cover, close] = (["plugIn", "coverAgain", "switchOn"] as const).map((type) =>
        connecting.findIndex((step) => step.type === type && step.portArray === portArray),
      );
      expect(portArray.hasSwitch ? (close ?? -1) > (plug ?? 0) : (cover ?? -1) >= 0 && (cover ?? 0) < (plug ?? 0)).toBe(
        true,
      );
    }
    for (const step of takingOff.filter(({ type }) => type === "batteryLast"))
      expect(takingOff.indexOf(step)).toBeGreaterThan(last(takingOff, "unplugPort"));
    expect(last(making, "threadGlands")).toBeLessThan(at(making, "crimp"));
    expect(at(making, "cutToLength")).toBeGreaterThan(at(making, "layCables"));
  }
});

test("every line of a list has one key, and every wiring a list", () => {
  for (let seed = 1; seed <= runs(12); seed++) {
    const { lines } = protectReport(
      solvableById(withCopper(randomPlan(seed), createRandom(seed)), wiringId, null, createSolveCache()),
    );
    expect(new Set(lines.map(({ key }) => key)).size).toBe(lines.length);
    for (const { key, item, count, toBuy, money } of lines) {
      expect(key).toBe(keyOfItem(item));
      expect([count > 0, toBuy >= 0, Number.isFinite(money)]).toEqual([true, true, true]);
    }
  }
});

test("one list for all wirings has enough for each, whatever they are, and none that no wiring asks for", () => {
  for (let seed = 1; seed <= runs(8); seed++) {
    const draw = createRandom(seed);
    const plan = withCopper(randomPlan(seed), draw);
    const [first] = plan.wirings;
    if (first === undefined) continue;
    const other = changed(
      { ...plan, wirings: [first, { ...first, id: "other", name: "Other" }] },
      {
        type: "rewire",
        wiringId: "other",
        counts: {},
        portArrays: first.portArrays.map((portArray) => ({ ...portArray, strings: portArray.strings.slice(0, 1) })),
      },
    );
    const reports = other.wirings.map(({ id }) => protectReport(solvableById(other, id, null, createSolveCache())));
    const whole = installationLines(other, reports);
    const metres = (lines: readonly ListLine[], fromMm2: number) =>
      lines.reduce(
        (sum, { item, count }) =>
          sum +
          (item.type === "cable" && item.colour === "red" && (sizeNamed(item.size)?.areaMm2 ?? 0) >= fromMm2
            ? count
            : 0),
        0,
      );
    for (const { lines } of reports)
      for (const { item, key, count } of lines) {
        const has =
          item.type === "cable"
            ? metres(whole, sizeNamed(item.size)?.areaMm2 ?? 0) - metres(lines, sizeNamed(item.size)?.areaMm2 ?? 0)
            : ["switch", "box", "bar", "conduit"].includes(item.type)
              ? 0
              : (whole.find((line) => line.key === key)?.count ?? 0) - count;
        expect({ seed, key, isEnough: has >= -1e-9 }).toEqual({ seed, key, isEnough: true });
      }
    // at each PV input that any wiring feeds stands its own isolator
    const isolators = (needs: (typeof reports)[number]["needs"]) =>
      needs.flatMap(({ item, place }) => (item.type === "switch" ? [place] : []));
    const places = new Set(reports.flatMap(({ needs }) => isolators(needs)));
    const bought = whole.reduce((sum, { item, count }) => sum + (item.type === "switch" ? count : 0), 0);
    expect({ seed, enough: bought >= places.size }).toEqual({ seed, enough: true });
    for (const { key } of whole) expect(reports.some(({ lines }) => lines.some((line) => line.key === key))).toBe(true);
    // one wiring alone: its own list
    const rounded = (lines: readonly ListLine[]) => lines.map(({ key, count }) => `${key} ${count.toFixed(6)}`).sort();
    expect(rounded(installationLines(other, reports.slice(0, 1)))).toEqual(rounded(reports[0]?.lines ?? []));
  }
});

test("a box where plugs would not do, sized by its strings; conduit by how full it may be", () => {
  expect([
    jointOf("auto", 1, 12, 30),
    jointOf("auto", 2, 25, 30),
    jointOf("auto", 2, 31, 30),
    jointOf("auto", 4, 20, 30),
  ]).toEqual(["single", "plugs", "box", "box"]);
  expect([jointOf("plugs", 4, 50, 30), jointOf("box", 2, 5, 30)]).toEqual(["plugs", "box"]);
  // two 4 mm² cables, 6.0 mm each, in one M20; two of 16 mm² each in its own
  expect(boxFor(3, 4, 16, 3)).toMatchObject({
    studs: 4,
    glands: [
      { thread: "M20", cables: 2, count: 3 },
      { thread: "M16", cables: 1, count: 2 },
    ],
  });
  // 2 × 28.3 mm² is 25 % of 20 mm conduit's 224 mm², 43 % of 16 mm conduit's 133 mm²
  expect(conduitFor(2, 4)).toMatchObject({ nominalMm: 20 });
  expect(conduitFor(2, 4)?.fullPct).toBeCloseTo(25.2, 0);
});
