import { type OperatingPoint } from "@/core/engine/pv-input";
import { type ChartPart } from "@/core/checks";
import { type SkyName } from "@/core/engine/sky";
import { amount } from "@/messages/en";

export const skyWords: Readonly<Record<SkyName, string>> = {
  coldDawn: "Coldest dawn",
  brightNoon: "Bright noon",
  hotRoof: "Hot roof",
  haze: "Haze",
  now: "Now",
};

/** No rule is pointed at. */
export const nothingLit: ChartPart = { skies: [], edge: null };

/** Where the array runs and what holds it there, in one sentence. */
export function operatingSentence(operating: OperatingPoint, freeW: number): string {
  const at = `${amount(operating.v, "V")}, ${amount(operating.i, "A")}, ${amount(operating.p, "W")}`;
  const lost = freeW - operating.p;
  const cost = lost >= 0.5 ? `; ${amount(lost, "W")} stay on the roof` : "";
  switch (operating.limitedBy) {
    case "none":
      return `Runs at ${at}: the most this sky gives.`;
    case "current":
      return `Runs at ${at}, held back by the current limit${cost}.`;
    case "watts":
      return `Runs at ${at}, held back by the watt limit${cost}.`;
    case "window":
      return `Runs at ${at}, held at the edge of the window${cost}.`;
    case "lowPeak":
      return `Runs at ${at}: a tracker that only climbs stops at this lower peak${cost}.`;
    case "battery":
      return `Runs at ${at}, held at battery volts (PWM)${cost}.`;
    case "asleep":
      return "Asleep: no point of the curve with power lies in the window. 0 W.";
    case "overVoltage":
      return "Over-voltage: open-circuit voltage (Voc) is above the input’s maximum. It will shut off (0 W) or be damaged. Do not connect.";
  }
}

export const bindingWords: Readonly<Record<OperatingPoint["limitedBy"], string>> = {
  none: "all it can give",
  current: "held by the amps",
  watts: "held by the watts",
  window: "held by the volts",
  asleep: "asleep",
  overVoltage: "over-voltage",
  lowPeak: "at a lower peak",
  battery: "held by the battery",
};
