import { type Change, partsApart, type Plan } from "@/core/plan";
import { demoPlan, changed } from "@/testing";
import { changedByWords, differenceWords, partTitle } from "./conflict-words";

const base = demoPlan("The Lantern");
const after = (...changes: readonly Change[]) => changed(base, ...changes);
const told = (mine: Plan, theirs: Plan) =>
  partsApart(base, mine, theirs).map((part) => [
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
    { type: "setNote", stop: "log", text: "rain" },
    { type: "removeWiring", wiringId: "pressday" },
  );
  expect(told(mine, theirs)).toEqual([
    ["Name of the plan", "changed here only", ["Mine"], ["The Lantern: travelling print workshop"]],
    ["Site: record low, °C", "changed there only", ["−14"], ["−20"]],
    [
      "Panel: Mossgate MG-195, half-cut",
      "changed here only",
      ["Voc, V: 28", "weight, kg: nothing"],
      ["Voc, V: 27.2", "weight, kg: 10.3"],
    ],
    ["Wiring: Press day", "changed there only", ["only in this version"], ["not in this version"]],
    ["Notes at Log", "changed there only", ["nothing"], ["rain"]],
  ]);
});

test("a wiring is told by its rows and by the panels that are not simply out in the light", () => {
  const mine = after(
    { type: "setTiles", wiringId: "parked", keys: ["roof.4"], patch: { stance: "stowed" } },
    { type: "setTiles", wiringId: "parked", keys: ["roof.1", "roof.2"], patch: { tiltDeg: -15, light: [1, 0.15] } },
  );
  const theirs = after({ type: "setTiles", wiringId: "parked", keys: ["bookbay.1"], patch: { stance: "off" } });
  const [[title, by, ours, others]] = told(mine, theirs) as [[string, string, string[], string[]]];
  expect([title, by]).toEqual(["Wiring: Parked", "changed on both sides"]);
  const lanes = (words: readonly string[]) =>
    (words[0] ?? "")
      .replace("wired: ", "")
      .split("; ")
      .map((lane) => lane.replace(/lane \d: /, ""))
      .sort();
  expect(lanes(ours)).toEqual(["2 panels", "4 panels, 1 stowed, 2 tilted, 2 shaded"]);
  expect(lanes(others)).toEqual(["2 panels, 1 taken out", "4 panels"]);
});
