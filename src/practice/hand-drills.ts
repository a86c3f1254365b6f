import { type Random } from "@/core/engine/random";
import { type HandCase, type HandDeed, type Level, type Shown } from "./case";
import { anyPanel, round } from "./build";

/** Drills of work that is done once: measured, threaded, glued, connected in an order that some of it does not forgive. */

type Make = (draw: Random, level: Level) => HandCase;

/** A deed that cannot be undone, and fails when it comes too early. */
const once = (id: string, needs: readonly string[], shows: Shown | null = null): HandDeed => ({
  id,
  needs,
  early: "fails",
  shows,
  isWrong: false,
});
/** One that waits until it can be done. */
const when = (id: string, needs: readonly string[] = [], shows: Shown | null = null): HandDeed => ({
  id,
  needs,
  early: "cannot",
  shows,
  isWrong: false,
});
const wrong = (id: string): HandDeed => ({ id, needs: [], early: "fails", shows: null, isWrong: true });

const holeTwice: Make = (draw, level) => {
  const trueMm = draw.whole(620, 1480);
  const slip = draw.whole(18, level === 1 ? 90 : 40) * (draw.chance(0.5) ? 1 : -1);
  const isFirstRight = draw.chance(0.5);
  const small = () => draw.whole(-1, 1);
  const [first, second] = [trueMm + (isFirstRight ? 0 : slip), trueMm + (isFirstRight ? slip : 0)];
  const right = isFirstRight ? "drillAtFirst" : "drillAtSecond";
  const other = isFirstRight ? "drillAtSecond" : "drillAtFirst";
  const measured = ["tapeFromLeft", "tapeFromRight", "tapeAgain"];
  const mm = (value: number): Shown => ({ value, unit: "mm" });
  return {
    type: "hand",
    deeds: [
      when("tapeFromLeft", [], mm(first)),
      when("tapeFromRight", [], mm(second)),
      when("tapeAgain", [], mm(trueMm + small())),
      once(right, measured),
      wrong(other),
    ],
    goal: [right],
    remedy: [...measured, right],
    mistake: ["tapeFromLeft", isFirstRight ? right : other],
    facts: { firstMm: first, secondMm: second, trueMm, apartMm: Math.abs(slip) },
  };
};

const glandFirst: Make = (draw) => ({
  type: "hand",
  deeds: [
    when("layCable"),
    when("cutCable", ["layCable"]),
    when("threadGland", ["layCable"]),
    once("crimp", ["cutCable", "threadGland"]),
    when("pullCrimp", ["crimp"]),
    when("closeGland", ["pullCrimp"]),
  ],
  goal: ["closeGland"],
  remedy: ["layCable", "threadGland", "cutCable", "crimp", "pullCrimp", "closeGland"],
  mistake: ["layCable", "cutCable", "crimp"],
  facts: { lengthMm: draw.whole(1800, 5200) },
});

const batteryFirst: Make = (draw) => ({
  type: "hand",
  deeds: [
    when("joinBattery"),
    when("batteryFuseIn", ["joinBattery"]),
    when("seeAwake", ["batteryFuseIn"]),
    once("panelsIn", ["seeAwake"]),
  ],
  goal: ["panelsIn"],
  remedy: ["joinBattery", "batteryFuseIn", "seeAwake", "panelsIn"],
  mistake: ["panelsIn"],
  facts: { openV: round(draw.number(38, 92), 1) },
});

const partUnderLoad: Make = (draw) => {
  const [volts, amps] = [round(draw.number(36, 110), 1), round(draw.number(4, 11), 1)];
  return {
    type: "hand",
    deeds: [
      when("seeWatts", [], { value: amps, unit: "A" }),
      when("switchOff"),
      when("seeNoAmps", ["switchOff"], { value: 0, unit: "A" }),
      once("partPlug", ["switchOff", "seeNoAmps"]),
      once("batteryOff", ["partPlug"]),
    ],
    goal: ["batteryOff"],
    remedy: ["seeWatts", "switchOff", "seeNoAmps", "partPlug", "batteryOff"],
    mistake: ["seeWatts", "partPlug"],
    facts: { volts, amps, watts: round(volts * amps) },
  };
};

const glueOnce: Make = (draw) => ({
  type: "hand",
  deeds: [
    when("feelSkin", [], { value: draw.whole(14, 27), unit: "°C" }),
    when("dryFit"),
    when("markCorners", ["dryFit"]),
    when("clean"),
    when("prime", ["clean"]),
    once("pressDown", ["feelSkin", "markCorners", "prime"]),
    when("bed", ["pressDown"]),
    when("waitCure", ["bed"]),
    once("drive", ["waitCure"]),
  ],
  goal: ["drive"],
  remedy: ["feelSkin", "dryFit", "markCorners", "clean", "prime", "pressDown", "bed", "waitCure", "drive"],
  mistake: ["dryFit", "markCorners", "clean", "pressDown"],
  facts: { cureH: draw.whole(24, 48) },
});

const hiddenCable: Make = (draw, level) => ({
  type: "hand",
  deeds: [
    when("readDrawing"),
    when("takeLampDown"),
    when("feelLayers", ["takeLampDown"]),
    once("pilot", level === 1 ? ["feelLayers"] : ["feelLayers", "readDrawing"]),
    once("sawSkin", ["pilot"]),
    when("pushAside", ["sawSkin"]),
    once("sawThrough", ["pushAside"]),
    when("paintEdge", ["sawThrough"]),
    when("bedGland", ["paintEdge"]),
  ],
  goal: ["bedGland"],
  remedy: [
    "readDrawing",
    "takeLampDown",
    "feelLayers",
    "pilot",
    "sawSkin",
    "pushAside",
    "sawThrough",
    "paintEdge",
    "bedGland",
  ],
  mistake: ["readDrawing", "pilot"],
  facts: { deepMm: draw.whole(28, 55) },
});

const polarityFirst: Make = (draw) => {
  const label = anyPanel(draw);
  const volts = round((label.vocV ?? 0) * draw.number(1.86, 1.94), 1);
  const isFirst = draw.chance(0.5);
  const of = (is: boolean): Shown => ({ value: is ? -volts : volts, unit: "V" });
  const [turn, leave] = isFirst ? ["turnFirst", "turnSecond"] : ["turnSecond", "turnFirst"];
  return {
    type: "hand",
    deeds: [
      when("meterFirst", [], of(isFirst)),
      when("meterSecond", [], of(!isFirst)),
      once(turn, ["meterFirst", "meterSecond"]),
      wrong(leave),
      when("meterTurned", [turn], { value: volts, unit: "V" }),
      once("joinStrings", ["meterTurned"]),
    ],
    goal: ["joinStrings"],
    remedy: ["meterFirst", "meterSecond", turn, "meterTurned", "joinStrings"],
    mistake: ["meterFirst", "joinStrings"],
    facts: { volts, amps: label.iscA ?? 0 },
  };
};

export const handDrills = {
  holeTwice,
  glandFirst,
  batteryFirst,
  partUnderLoad,
  glueOnce,
  hiddenCable,
  polarityFirst,
} satisfies Record<string, Make>;
