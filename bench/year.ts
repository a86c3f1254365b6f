import { gunzipSync } from "node:zlib";
import { readFileSync } from "node:fs";
import { applyChanges, type Change, emptyPlan, type Plan } from "../src/core/plan";
import { createSolveCache } from "../src/core/plan-model";
import { drain } from "../src/core/engine/generators";
import { readEpw } from "../src/core/engine/weather";
import { countsOf, newTile, stringOf } from "../src/core/engine/array";
import { bestTilts, type Fineness, gainsOf, inAll, planYear } from "../src/core/wiring/year";
import { demoInputs, demoPanels, demoPlans } from "../src/demo";
import { print, timed } from "./figures";

/** The year of a plan alone, in a warm process. Run from the project's folder. */
const memory = createSolveCache();
const twelve = unequal(6, 2);
const nine = unequal(9, 1);
const file = readEpw(gunzipSync(readFileSync("src/core/fixtures/harvest/north-firth.epw.gz")).toString("utf8"));
if (file.type !== "weather") throw new Error("the fixture is a weather file");
const weather = file.year;
const yearOf = (plan: Plan, fineness: Fineness, of: typeof weather | null = null) =>
  drain(planYear({ plan, wiringId: plan.wirings[0]?.id ?? "", weather: of, fineness, memory }));

for (const fineness of ["full", "quick"] as const) {
  print(
    `typical months, 12 unequal panels on 2 ports, 2 poses, battery: ${fineness}`,
    timed(10, () => yearOf(twelve, fineness)),
  );
}
const [full, quick] = [inAll(yearOf(twelve, "full").months), inAll(yearOf(twelve, "quick").months)];
console.log(
  `${"the quick answer against the full one, taken in the year".padEnd(58)} ${(100 * (quick.takenKwh / full.takenKwh - 1)).toFixed(1)} %`,
);
print(
  "weather file, nine unequal panels in three rows, 8760 hours",
  timed(3, () => yearOf(nine, "full", weather)),
);
const [lantern] = demoPlans();
if (lantern === undefined) throw new Error("there are worked examples");
print(
  "what changes would bring, the Lantern",
  timed(3, () => drain(gainsOf({ plan: lantern, wiringId: "everyday", weather: null, memory }))),
);
print(
  "best tilts, by typical months",
  timed(10, () => bestTilts(lantern, null, "tilted")),
);

/** Panels of six kinds on each of so many ports of one station, each with a label of its own, a third tilted, a position for the morning. */
function unequal(each: number, ports: number): Plan {
  const kinds = ["rigid195", "rigid120", "rigid225", "poly240", "flexible100", "film160"] as const;
  const ids = Array.from({ length: each * ports }, (_, k) => `p${k}`);
  const added = ids.map((id, k): Change => {
    const label = demoPanels[kinds[k % kinds.length] ?? "rigid195"];
    const own = { ...label, iscA: (label.iscA ?? 0) * (1 - 0.002 * k), impA: (label.impA ?? 0) * (1 - 0.002 * k) };
    return { type: "addPanel", id, libraryId: null, label: own };
  });
  const stocked = applyChanges(emptyPlan("Unequal"), [
    ...added,
    { type: "addInput", id: "station", libraryId: null, device: demoInputs.twoPortStation },
  ]);
  const portArrays = demoInputs.twoPortStation.ports.slice(0, ports).map(({ id: portId }, port) => ({
    inputId: "station",
    portId,
    strings: [0, 1, 2].map((string) =>
      stringOf(
        ids
          .slice(port * each + (string * each) / 3, port * each + ((string + 1) * each) / 3)
          .map((id) => newTile(id, 1)),
      ),
    ),
  }));
  return applyChanges(stocked, [
    { type: "setSite", patch: { latitudeDeg: 57, mount: "roofGap" } },
    { type: "rewire", wiringId: "wiring-1", portArrays, counts: countsOf(portArrays) },
    {
      type: "setMount",
      mount: {
        id: "tilted",
        name: "Tilted",
        kind: "tilted",
        tiltDeg: 35,
        azimuthDeg: 150,
        azimuthFrom: "front",
        turning: { type: "reaimed", timesADay: 3 },
        pieces: ids.filter((_, k) => k % 3 === 0).map((panelId) => ({ panelId, piece: 1 })),
      },
    },
    { type: "addPosition", id: "morning", name: "Morning", like: "pose-1", wiringId: "wiring-1" },
    { type: "setStands", positionId: "morning", keys: [`${ids[0] ?? ""}.1`], patch: { stance: "stowed" } },
    { type: "setPositionHours", positionId: "morning", hours: { fromH: 9, toH: 12 } },
    { type: "addToNeed", list: "batteries", id: "b", like: { volts: 24, capacityAh: 100 } },
    { type: "addToNeed", list: "loads", id: "l", like: { watts: 60, hoursADay: 12 } },
  ]);
}
