import { type HotVmpReason } from "@/core/wiring/rules";
import { type UnitSystem } from "@/core/engine/units";
import { amount, given, limit, percent } from "../format";
import { mountWords, sumWords } from "../names";
import { unknownLimit, type RuleWords } from "./rule-words";

type Main = Extract<HotVmpReason, { type: "hotVmp" }>;

export const hotVmpWords: RuleWords<"hotVmp"> = {
  title: "Operating voltage on a hot roof",
  sentence(r, system) {
    switch (r.type) {
      case "noFloor":
        return `On a hot roof the operating voltage is ${amount(r.hotVmpV, "V")}, and none is known to be needed. If the controller needs more, it shows 0 W: enter its min operating voltage at Controller.`;
      case "hotVmp":
        return hotVmpSentence(r, system);
    }
  },
  why(r) {
    switch (r.type) {
      case "noFloor":
        return unknownLimit;
      case "hotVmp": {
        return {
          lines: [
            `Cells: ${given(r.airTempC, "°C")} air, 1000 W/m², mounting type “${mountWords[r.mount]}” = ${amount(r.cellTempC, "°C")}`,
            `Operating voltage: ${sumWords(r.terms, "V")} in series (volts add) at 25 °C, solved hot = ${amount(r.hotVmpV, "V")}`,
            `Needed: ${limit(r.floorV, "V")} to stay awake, ${limit(r.wakeV, "V")} to start${r.batteryV === null ? "" : ` (battery at ${given(r.batteryV, "V")})`}`,
          ],
          source: "Cell heating: Ross 1976, typical values by mounting type, about ±15 %.",
        };
      }
    }
  },
};

function hotVmpSentence(r: Main, system: UnitSystem): string {
  const hot = `On a hot roof (cells at ${amount(r.cellTempC, "°C", system)}) the operating voltage is ${amount(r.hotVmpV, "V")}`;
  switch (r.outcome) {
    case "neverWakes":
      return `On a hot roof Voc is ${amount(r.hotVocV, "V")}, below the start-up voltage of ${limit(r.wakeV, "V")}. The controller would show 0 W.`;
    case "below":
      return `${hot}, ${percent(100 * (1 - r.hotVmpV / r.floorV))} below the min operating voltage of ${limit(r.floorV, "V")}: the controller loses power or switches off when it is hot.`;
    case "belowWake":
      return `${hot}: enough to stay awake (${limit(r.floorV, "V")}), but below the start-up voltage of ${limit(r.wakeV, "V")}. It starts because Voc is ${amount(r.hotVocV, "V")}; in haze it might not.`;
    case "nearFloor":
      return `${hot}, only just above the min operating voltage of ${limit(r.floorV, "V")}: with haze, dirt and age it will fall below.`;
    case "littleComfort":
      return `${hot}, above the start-up voltage of ${limit(r.wakeV, "V")}, but only ${amount(r.hotVmpV - (r.batteryV ?? 0), "V")} above the battery. An array at least 20 V above the battery starts earlier on dull mornings.`;
    case "clear":
      return `${hot}, ${aboveWords(r.hotVmpV, r.floorV)} the min operating voltage of ${limit(r.floorV, "V")}.`;
  }
}

function aboveWords(value: number, least: number): string {
  return least > 0 && value < 10 * least ? `${percent(100 * (value / least - 1))} above` : "above";
}
