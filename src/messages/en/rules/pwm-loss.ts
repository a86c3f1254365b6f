import { type PwmReason } from "@/core/wiring/rules";
import { amount, given, percent } from "../format";
import { unknownLimit, type RuleWords } from "./rule-words";

type Main = Extract<PwmReason, { type: "pwmLoss" }>;

export const pwmLossWords: RuleWords<"pwmLoss"> = {
  title: "Voltage lost with PWM",
  sentence(r) {
    switch (r.type) {
      case "noBatteryVolts":
        return "A PWM controller pulls the array down to battery voltage. What is the battery’s voltage? Enter it at Controller.";
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
            `Operating voltage: ${given(r.batteryV, "V")} battery + ${given(r.dropV, "V")} drop = ${amount(r.heldV, "V")}; best voltage ${amount(r.vmpV, "V")}`,
            `Watts at noon: ${amount(r.takenW, "W")} of ${amount(r.freeW, "W")} = ${percent(r.lossPct)} lost`,
          ],
          source: "PWM connects array and battery: current of the solved curve at battery voltage.",
        };
      }
    }
  },
};

function pwmSentence(r: Main): string {
  const held = `With PWM the array operates at ${amount(r.heldV, "V")}, although its best voltage is ${amount(r.vmpV, "V")}`;
  return r.outcome === "little"
    ? `${held}: ${percent(r.lossPct)} of its power is lost, the least possible with PWM.`
    : `${held}: ${percent(r.lossPct)} of its power is lost (${amount(r.takenW, "W")} instead of ${amount(r.freeW, "W")} at noon).`;
}
