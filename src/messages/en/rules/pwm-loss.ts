import { type PwmReason } from "@/core/wiring/rules";
import { amount, given, percent } from "../format";
import { unknownLimit, type RuleWords } from "./rule-words";

type Main = Extract<PwmReason, { type: "pwmLoss" }>;

export const pwmLossWords: RuleWords<"pwmLoss"> = {
  title: "Volts a PWM controller wastes",
  sentence(r) {
    switch (r.type) {
      case "noBatteryVolts":
        return "A PWM controller holds the array at battery volts. How many volts has the battery? Fill in “Battery volts” at Controller.";
      case "pwmLoss":
        return pwmSentence(r);
    }
  },
  why(r) {
    switch (r.type) {
      case "noBatteryVolts":
        return unknownLimit;
      case "pwmLoss": {
        return {
          lines: [
            `Held at ${given(r.batteryV, "V")} of the battery + ${given(r.dropV, "V")} drop = ${amount(r.heldV, "V")}; best at ${amount(r.vmpV, "V")}`,
            `Watts at noon: ${amount(r.takenW, "W")} of ${amount(r.freeW, "W")} = ${percent(r.lossPct)} lost`,
          ],
          source: "PWM joins array and battery: current of the solved curve at battery volts.",
        };
      }
    }
  },
};

function pwmSentence(r: Main): string {
  const held = `PWM holds the array at ${amount(r.heldV, "V")}, though it is best at ${amount(r.vmpV, "V")}`;
  return r.outcome === "little"
    ? `${held}: ${percent(r.lossPct)} of its watts are lost, as little as PWM can.`
    : `${held}: ${percent(r.lossPct)} of its watts are lost (${amount(r.takenW, "W")} instead of ${amount(r.freeW, "W")} at noon).`;
}
