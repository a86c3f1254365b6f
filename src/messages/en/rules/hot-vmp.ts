import { type HotVmpReason } from "@/core/wiring/rules";
import { type UnitSystem } from "@/core/engine/units";
import { amount, given, limit, percent } from "../format";
import { mountWords, sumWords } from "../names";
import { unknownLimit, type RuleWords } from "./rule-words";

type Main = Extract<HotVmpReason, { type: "hotVmp" }>;

export const hotVmpWords: RuleWords<"hotVmp"> = {
  title: "Hottest running volts",
  sentence(r, system) {
    switch (r.type) {
      case "noFloor":
        return `On a hot roof it runs at ${amount(r.hotVmpV, "V")}. From how many volts does the input work? Fill in “Min operating voltage” at Controller.`;
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
            `Cells: ${given(r.airTempC, "°C")} air, 1000 W/m² on a mount “${mountWords[r.mount]}” = ${amount(r.cellTempC, "°C")}`,
            `Running volts: ${sumWords(r.terms, "V")} in series (volts add) at 25 °C, solved hot = ${amount(r.hotVmpV, "V")}`,
            `Needed: ${limit(r.floorV, "V")} to stay on, ${limit(r.wakeV, "V")} to wake${r.batteryV === null ? "" : ` (battery at ${given(r.batteryV, "V")})`}`,
          ],
          source: "Cell heating: Ross 1976, typical values by mount, about ±15 %.",
        };
      }
    }
  },
};

function hotVmpSentence(r: Main, system: UnitSystem): string {
  const hot = `On a hot roof (cells at ${amount(r.cellTempC, "°C", system)}) the array runs at ${amount(r.hotVmpV, "V")}`;
  switch (r.outcome) {
    case "neverWakes":
      return `On a hot roof the open-circuit voltage is ${amount(r.hotVocV, "V")}; the input needs ${limit(r.wakeV, "V")} to wake. It would show 0 W.`;
    case "below":
      return `${hot}, ${percent(100 * (1 - r.hotVmpV / r.floorV))} below the ${limit(r.floorV, "V")} the input needs to stay on: it loses power or drops out when it is hot.`;
    case "belowWake":
      return `${hot}: enough to stay on (${limit(r.floorV, "V")}), but below the ${limit(r.wakeV, "V")} the input needs to wake. It wakes at open circuit, at ${amount(r.hotVocV, "V")}; in haze it may not.`;
    case "nearFloor":
      return `${hot}, only just above the ${limit(r.floorV, "V")} the input needs: haze, dirt and age will reach it.`;
    case "littleComfort":
      return `${hot}, above the ${limit(r.wakeV, "V")} the input needs, but only ${amount(r.hotVmpV - (r.batteryV ?? 0), "V")} above the battery. An array that runs 20 V or more above the battery starts earlier on dull mornings.`;
    case "clear":
      return `${hot}, ${aboveWords(r.hotVmpV, r.floorV)} the ${limit(r.floorV, "V")} the input needs.`;
  }
}

function aboveWords(value: number, least: number): string {
  return least > 0 && value < 10 * least ? `${percent(100 * (value / least - 1))} above` : "above";
}
