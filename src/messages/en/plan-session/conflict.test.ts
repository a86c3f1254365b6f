import { type Change, diffParts, type Plan } from "@/core/plan";
import { demoPlan, changed } from "@/testing";
import { changedByWords, differenceWords, partTitle } from "./conflict";

const base = demoPlan("The Lantern");
const after = (...changes: readonly Change[]) => changed(base, ...changes);
const told = (mine: Plan, theirs: Plan) =>
  diffParts(base, mine, theirs).map((part) => [
    partTitle(part),
    changedByWords[part.changedBy],
    differenceWords(part, "mine"),
    differenceWords(part, "theirs"),
  ]);

test("each part is named, with what either side says of it", () => {
  const mine = after(
    { type: "rename", name: "Mine" },
    { type: "setLabel", panelId: "roof", patch: { vocV: 28, weightKg: null } },
  );
  const theirs = after(
    { type: "setSite", patch: { recordLowC: -20 } },
    { type: "setNote", step: "log", text: "rain" },
    { type: "removeWiring", wiringId: "pressday" },
  );
  expect(told(mine, theirs)).toEqual([
    ["Name of the plan", "changed in this tab only", ["Mine"], ["The Lantern: travelling print workshop"]],
    ["Location: record low, °C", "changed in the saved version only", ["−14"], ["−20"]],
    [
      "Panel: Mossgate MG-195, half-cut",
      "changed in this tab only",
      ["Voc, V: 28", "Weight, kg: nothing"],
      ["Voc, V: 27.2", "Weight, kg: 10.3"],
    ],
    ["Wiring: Press day", "changed in the saved version only", ["only in this version"], ["not in this version"]],
    ["Notes at Log", "changed in the saved version only", ["nothing"], ["rain"]],
  ]);
});

test("a wiring is told by its strings and what is taken out, a position by the panels that are not simply out in the light", () => {
  const mine = after(
    { type: "setStands", positionId: "parked", keys: ["roof.4"], patch: { stance: "stowed" } },
    { type: "setStands", positionId: "parked", keys: ["roof.1", "roof.2"], patch: { tiltDeg: -15, light: [1, 0.15] } },
  );
  const theirs = after({ type: "setBypassed", wiringId: "everyday", keys: ["bookbay.1"], bypassed: true });
  const [position, wiring] = told(mine, theirs) as [string, string, string[], string[]][];
  expect(position).toEqual([
    "Position: Parked",
    "changed in this tab only",
    ["1 stowed, 2 tilted, 2 shaded"],
    ["every panel in use, flat and in full sun"],
  ]);
  expect(wiring?.slice(0, 2)).toEqual(["Wiring: Every day", "changed in the saved version only"]);
  expect(wiring?.[2]).toEqual(["wired: PV input 1: panels 4; PV input 2: panels 2"]);
  expect(wiring?.[3]).toEqual(["wired: PV input 1: panels 4; PV input 2: panels 2, 1 bypassed"]);
});
