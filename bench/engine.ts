import { spawnSync } from "node:child_process";
import { mkdtempSync, rmSync, writeFileSync } from "node:fs";
import os from "node:os";
import path from "node:path";
import fc from "fast-check";
import { atVoltage } from "../src/core/engine/iv";
import { createBulkSolver, equalNet, type Net, solveNet } from "../src/core/engine/net";
import { fitLabel, fitPoints, type PanelLabel, readLabel } from "../src/core/engine/panel";
import { allFixes } from "../src/core/wiring/best-wirings";
import { harvestYear } from "../src/core/wiring/harvest";
import { lightOn } from "../src/core/engine/light";
import { drain } from "../src/core/engine/generators";
import { typicalYear } from "../src/core/engine/weather";
import { assess } from "../src/core/assessment";
import { countsOf, newTile, type PvString, stringOf } from "../src/core/engine/array";
import { applyChange, emptyPlan, type Plan } from "../src/core/plan";
import { spiceNetlist } from "../src/core/engine/spice-netlist";
import { anyLabel, anyNetWithParts } from "../src/testing";
import { demoInputs, demoPanels, demoPlans } from "../src/demo";
import { print, timed } from "./figures";

/** The engine alone, in a warm process. */
const reading = readLabel(demoPanels.rigid195);
if (reading.type !== "label") throw new Error("the demo label is incomplete");
const label: PanelLabel = reading.label;
const { model } = fitLabel(label);
const sky = { irradianceWm2: 1000, cellTempC: 58 };

print(
  "fit of a label",
  timed(500, () => fitLabel(label)),
);
print(
  "fit of a label that contradicts itself",
  timed(200, () => fitLabel({ ...label, vmpV: 26.9, pmaxW: 230 })),
);
print(
  "fit of 24 measured points",
  timed(100, () => fitPoints(label, measuredPoints())),
);
print(
  "whole curve, one panel",
  timed(1000, () => solveNet(equalNet(model, 1, 1, sky))),
);
print(
  "whole curve, 4 in series × 3 strings",
  timed(1000, () => solveNet(equalNet(model, 4, 3, sky))),
);
const nine = nineUnequal();
const shaded = twentyFourShaded();
print(
  "whole curve, nine unequal panels in three strings",
  timed(1000, () => solveNet(nine)),
);
print(
  "whole curve, 24 panels, every substring shaded otherwise",
  timed(300, () => solveNet(shaded)),
);
reportYear();
reportTypicalYear();
reportRandomNets(10_000);
reportMemory(Number(process.env["GOLDEN_ARRAY_SOLVES"] ?? 100_000));
reportSimulator();
for (const plan of demoPlans())
  print(
    `verdict: ${plan.name}`,
    timed(200, () => assess(plan, plan.wirings[0]?.id ?? "")),
  );
const large = largePlan();
print(
  "verdict: 24 panels of 6 kinds on 4 ports, a third shaded",
  timed(60, () => assess(large, "wiring-1")),
);
print(
  "mends of the same, all tried",
  timed(5, () => allFixes(large, "wiring-1")),
);

function measuredPoints() {
  const { curve, vocV } = solveNet(equalNet(model, 1, 1, sky));
  return {
    ...sky,
    points: Array.from({ length: 24 }, (_, k) => ({
      v: (vocV * k) / 23,
      i: Math.max(0, atVoltage(curve, (vocV * k) / 23).i),
    })),
  };
}

function panelOf(name: keyof typeof demoPanels, cellTempC: number, irradianceWm2: number[]): Net {
  const read = readLabel(demoPanels[name]);
  if (read.type !== "label") throw new Error(`${name} is incomplete`);
  return { type: "panel", model: fitLabel(read.label).model, cellTempC, irradianceWm2 };
}

/** Three strings of three, every panel of another kind or under another sky. */
function nineUnequal(): Net {
  const string = (k: number): Net => ({
    type: "series",
    members: [
      panelOf("rigid195", 40 + k, [1000 - 60 * k]),
      panelOf("rigid120", 45 - k, [900 - 30 * k]),
      panelOf("flexible100", 50 + k, [950 - 45 * k]),
    ],
  });
  return { type: "parallel", members: [string(0), string(1), string(2)] };
}

/** Four strings of six three-diode panels; no two of the 72 substrings see the same light. */
function twentyFourShaded(): Net {
  const panel = (k: number) =>
    panelOf(
      "poly240",
      35 + (k % 7),
      [0, 1, 2].map((part) => 150 + 11.7 * ((k * 3 + part * 29) % 72)),
    );
  return {
    type: "parallel",
    members: [0, 1, 2, 3].map((string) => ({
      type: "series",
      members: [0, 1, 2, 3, 4, 5].map((k) => panel(string * 6 + k)),
    })),
  };
}

/** Four ports, two strings of three on each, no two strings alike, every third panel half in shade. */
function largePlan(): Plan {
  const kinds = ["rigid195", "rigid120", "rigid225", "poly240", "flexible100", "film160"] as const;
  const string = (start: number): PvString =>
    stringOf(
      [0, 1, 2].map((k) => ({
        ...newTile(kinds[(start + k) % kinds.length] as string, start + 1),
        light: k === 0 ? [0.3, 1] : [1],
      })),
    );
  const portArray = (inputId: string, portId: string, start: number) => ({
    inputId,
    portId,
    strings: [string(start), string(start + 1)],
  });
  const portArrays = [
    portArray("a", "low", 0),
    portArray("a", "high", 2),
    portArray("b", "a", 4),
    portArray("b", "extra", 6),
  ];
  const stocked = kinds.reduce<Plan>(
    (plan, kind) => applyChange(plan, { type: "addPanel", id: kind, libraryId: null, label: demoPanels[kind] }),
    emptyPlan("Large"),
  );
  const fed = applyChange(
    applyChange(stocked, { type: "addInput", id: "a", libraryId: null, device: demoInputs.twoPortStation }),
    { type: "addInput", id: "b", libraryId: null, device: demoInputs.threePortStation },
  );
  return applyChange(fed, { type: "rewire", wiringId: "wiring-1", portArrays, counts: countsOf(portArrays) });
}

function modelOf(kind: keyof typeof demoPanels) {
  const read = readLabel(demoPanels[kind]);
  if (read.type !== "label") throw new Error(`${kind} is incomplete`);
  return fitLabel(read.label).model;
}

/** Twelve unequal panels in three strings, every substring under its own light, in each of a year's hours of daylight. */
function reportYear(): void {
  const kinds = ["rigid195", "rigid120", "rigid225", "poly240", "flexible100", "film160"] as const;
  const models = kinds.map((kind) => modelOf(kind));
  const panelAt = (hour: number, k: number): Net => {
    const panelModel = models[k % models.length] ?? model;
    return {
      type: "panel",
      model: panelModel,
      cellTempC: 20 + ((hour * 7 + k * 3) % 400) / 10,
      irradianceWm2: Array.from(
        { length: Math.max(1, panelModel.bypassDiodes) },
        (_, part) => 50 + ((hour * 37 + k * 101 + part * 53) % 9500) / 10,
      ),
    };
  };
  const netAt = (hour: number): Net => ({
    type: "parallel",
    members: [0, 1, 2].map((string) => ({
      type: "series",
      members: [0, 1, 2, 3].map((k) => panelAt(hour, 4 * string + k)),
    })),
  });
  const hours = 4400;
  const solve = createBulkSolver();
  for (let hour = 0; hour < 400; hour++) solve(netAt(hour));
  const usedMb = () => process.memoryUsage().heapUsed / 1e6;
  const before = usedMb();
  const start = performance.now();
  for (let hour = 0; hour < hours; hour++) solve(netAt(hour));
  const tookS = (performance.now() - start) / 1000;
  const apart = Array.from({ length: 200 }, (_, k) => {
    const net = netAt(k * 21);
    return Math.abs(solve(net).mpp.p / solveNet(net).mpp.p - 1);
  });
  console.log(
    `${"a year of 4 400 hours, 12 unequal panels, 64 substrings".padEnd(58)} ${tookS.toFixed(2)} s, heap ${before.toFixed(0)} to ${usedMb().toFixed(0)} MB, at most ${(100 * Math.max(...apart)).toFixed(3)} % from the whole solver`,
  );
}

/** The same twelve panels through a year of typical months, turned six ways, into a port. */
function reportTypicalYear(): void {
  const site = { latitudeDeg: 57, longitudeDeg: -3, utcOffsetH: 0 };
  const months = (of: number) => Array.from({ length: 12 }, () => of);
  const weather = { clearness: months(0.43), airTempC: months(9), dailyRangeK: months(8) };
  const kinds = ["rigid195", "rigid120", "rigid225", "poly240", "flexible100", "film160"] as const;
  const models = kinds.map((kind) => modelOf(kind));
  let hours = 0;
  const times = timed(8, () => {
    hours = 0;
    drain(
      harvestYear({
        hours: typicalYear(weather, site),
        port: {
          minV: 20,
          maxV: 250,
          maxW: 1400,
          ceilingOnVoc: true,
          currentLimits: [{ fromV: 20, toV: 250, amps: 25 }],
        },
        netAt: ({ light, airTempC }) => {
          hours += 1;
          const panelAt = (k: number): Net => {
            const { insideWm2 } = lightOn({ tiltDeg: 5 * (k % 6), azimuthDeg: 60 * (k % 6) }, light, 0.2);
            const model = models[k % models.length] as (typeof models)[number];
            return { type: "panel", model, cellTempC: airTempC + 0.038 * insideWm2, irradianceWm2: [insideWm2] };
          };
          return {
            type: "parallel",
            members: [0, 1, 2].map((string) => ({
              type: "series",
              members: [0, 1, 2, 3].map((k) => panelAt(4 * string + k)),
            })),
          };
        },
      }),
    );
  });
  print(`a typical year, ${hours} hours, 12 unequal panels facing six ways`, times);
}

/** Random labels and nets, plausible and absurd: anything not finite and anything slow is counted. */
function reportRandomNets(count: number): void {
  const nets = fc.sample(anyNetWithParts, { numRuns: count, seed: 1 });
  const labels = fc.sample(anyLabel, { numRuns: count, seed: 2 });
  let odd = 0;
  let slowest = 0;
  const watch = (f: () => number[]) => {
    const start = performance.now();
    if (!f().every(Number.isFinite)) odd += 1;
    slowest = Math.max(slowest, performance.now() - start);
  };
  for (const net of nets)
    watch(() => {
      const { vocV, iscA, mpp, curve } = solveNet(net);
      return [vocV, iscA, mpp.p, ...curve.v, ...curve.i];
    });
  const slowestNet = slowest;
  slowest = 0;
  for (const each of labels) watch(() => Object.values(fitLabel(each).model));
  console.log(
    `${`${count} random nets, ${count} random labels`.padEnd(58)} not finite ${odd}, slowest net ${slowestNet.toFixed(1)} ms, slowest fit ${slowest.toFixed(1)} ms`,
  );
}

function reportMemory(solves: number): void {
  const usedMb = () => process.memoryUsage().heapUsed / 1e6;
  const net = nineUnequal();
  for (let k = 0; k < 2000; k++) solveNet(net);
  const before = usedMb();
  for (let k = 0; k < solves; k++) solveNet(net);
  console.log(
    `${`heap before and after ${solves} solves`.padEnd(58)} ${before.toFixed(0)} MB, ${usedMb().toFixed(0)} MB`,
  );
}

/** The same net by a general circuit simulator, where one is installed: its time as a whole process, and how far apart we are. */
function reportSimulator(): void {
  if (spawnSync("ngspice", ["--version"]).status !== 0)
    return console.log("no circuit simulator installed: nothing to compare with");
  const { curve, vocV, iscA } = solveNet(nine);
  const dir = mkdtempSync(path.join(os.tmpdir(), "golden-array-bench-"));
  const file = path.join(dir, "nine.cir");
  writeFileSync(file, spiceNetlist(nine, { toV: vocV, stepV: vocV / 120 }, "nine unequal panels"));
  let output = "";
  const times = timed(10, () => (output = spawnSync("ngspice", ["-b", file], { encoding: "utf8" }).stdout));
  rmSync(dir, { recursive: true });
  const apart = [...output.matchAll(/^\d+\s+(\S+)\s+(\S+)\s*$/gm)].map(
    ([, v, i]) => Math.abs(atVoltage(curve, Number(v)).i - Number(i)) / iscA,
  );
  print("the same nine panels, circuit simulator, whole process", times);
  console.log(
    `${"largest difference of the two curves".padEnd(58)} ${(100 * Math.max(...apart)).toFixed(4)} % of Isc over ${apart.length} points`,
  );
}
