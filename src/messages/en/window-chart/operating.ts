import { type OperatingPoint } from "@/core/engine/pv-input";
import { type SkyName } from "@/core/engine/sky";
import { amount } from "../format";

export const skyWords: Readonly<Record<SkyName, string>> = {
  coldDawn: "Coldest dawn",
  brightNoon: "Bright noon",
  hotRoof: "Hot roof",
  haze: "Haze",
  now: "Now",
};

/** Where the array operates and what limits it there, in one sentence. */
export function operatingSentence(operating: OperatingPoint, freeW: number): string {
  const at = `Operates at ${amount(operating.v, "V")}, ${amount(operating.i, "A")}, ${amount(operating.p, "W")}`;
  const lost = freeW - operating.p;
  const cost = lost >= 0.5 ? `; ${amount(lost, "W")} clipped` : "";
  switch (operating.limitedBy) {
    case "none":
      return `${at}, the maximum power point: nothing is clipped.`;
    case "current":
      return `${at}, limited by max PV current${cost}.`;
    case "watts":
      return `${at}, limited by max PV power${cost}.`;
    case "window":
      return `${at}, at the edge of the MPPT range${cost}.`;
    case "lowPeak":
      return `${at}: a simple tracker stays at this lower peak${cost}.`;
    case "battery":
      return `${at}, pulled down to battery voltage (PWM)${cost}.`;
    case "asleep":
      return "Asleep: no operating point with power is in the MPPT range. 0 W.";
    case "overVoltage":
      return "Over-voltage: Voc is above the max PV voltage. The controller will switch off (0 W) or be damaged. Do not connect.";
  }
}

/** What limits the array where it operates, in a few words. */
export const bindingWords: Readonly<Record<OperatingPoint["limitedBy"], string>> = {
  none: "nothing",
  current: "max PV current",
  watts: "max PV power",
  window: "MPPT range",
  asleep: "asleep",
  overVoltage: "over-voltage",
  lowPeak: "lower peak",
  battery: "battery voltage (PWM)",
};
