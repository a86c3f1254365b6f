import { solveNet } from "../net";
import { type PanelModel, stcIrradianceWm2 } from "../panel";
import { brightNoonAirC, cellTempC, longestClearDay, type Mount } from "../sky";
import { type PanelHour, type RuleContext, fitAssumed, siteAssumed } from "./context";
import { type Finding, type Level, type WattFacts } from "./finding";

const daysPerMonth = 30;
/** Leaving more than this of a clear month's energy on the roof is a cost to name. */
const costlyClipPct = 10;
const anyClipPct = 0.1;
/** Irradiance steps at which one panel is solved; between them watts per W/m² is nearly straight. */
const irradianceSteps = 6;

/** Rule 4: array watts against the port's watt limit, with what a clear month would leave unused. */
export function watts(context: RuleContext): Omit<Finding, "mend"> {
  const { fit, series, strings, port, site, skies } = context;
  const labelW = series * strings * fit.label.pmaxW;
  if (port.maxW === null) {
    return { rule: "watts", level: "note", value: { value: labelW, unit: "W" }, limit: null, marginPct: null, assumptions: [], reason: { type: "noWattLimit", labelW } };
  }
  const absolute = port.maxWNature === "neverExceed";
  const assumptions = absolute ? [] : [...siteAssumed(context, "latitude", "mount"), { type: "clearFlatDay" } as const, ...fitAssumed(context)];
  const noonW = skies.brightNoon.array.mpp.p;
  const judgedW = absolute ? labelW : noonW;
  const clear = clearMonthKwh(context.clearDay(), series * strings, port.maxW);
  const facts: WattFacts = {
    labelW,
    noonW,
    limitW: port.maxW,
    nature: port.maxWNature,
    clippedKwhPerMonth: clear.clippedKwh,
    clippedPct: clear.totalKwh > 0 ? (100 * clear.clippedKwh) / clear.totalKwh : 0,
    latitudeDeg: site.latitudeDeg,
  };
  const { level, outcome } = grade(facts, absolute);
  return { rule: "watts", level, value: { value: judgedW, unit: "W" }, limit: { value: port.maxW, unit: "W" }, marginPct: 100 * (1 - judgedW / port.maxW), assumptions, reason: { type: "watts", outcome, ...facts } };
}

function grade(facts: WattFacts, absolute: boolean): { level: Level; outcome: "overAbsolute" | "clipsMuch" | "clips" | "within" } {
  if (absolute && facts.labelW > facts.limitW) return { level: "stop", outcome: "overAbsolute" };
  if (facts.clippedPct > costlyClipPct) return { level: "care", outcome: "clipsMuch" };
  if (facts.clippedPct > anyClipPct) return { level: "note", outcome: "clips" };
  return { level: "good", outcome: "within" };
}

/** What one flat panel makes through the year's longest cloudless day, at its free maximum. */
export function clearDayOfOnePanel(model: PanelModel, site: { latitudeDeg: number; mount: Mount }): PanelHour[] {
  const mostWm2 = 1.2 * stcIrradianceWm2;
  const wattsPerWm2 = Array.from({ length: irradianceSteps + 1 }, (_, k) => {
    const irradianceWm2 = Math.max(1, (k * mostWm2) / irradianceSteps);
    const warm = cellTempC(brightNoonAirC, irradianceWm2, site.mount);
    return solveNet({ type: "panel", model, cellTempC: warm, irradianceWm2: [irradianceWm2] }).mpp.p / irradianceWm2;
  });
  return longestClearDay(site.latitudeDeg).map(({ irradianceWm2, hours }) => {
    const at = (irradianceWm2 / mostWm2) * irradianceSteps;
    const k = Math.min(irradianceSteps - 1, Math.floor(at));
    const low = wattsPerWm2[k] as number;
    const high = wattsPerWm2[k + 1] as number;
    return { panelW: irradianceWm2 * (low + (at - k) * (high - low)), hours };
  });
}

/** Energy of a month of such days, and what a watt limit cuts off, kWh. */
export function clearMonthKwh(day: readonly PanelHour[], panels: number, limitW: number): { totalKwh: number; clippedKwh: number } {
  let totalWh = 0;
  let clippedWh = 0;
  for (const { panelW, hours } of day) {
    totalWh += panels * panelW * hours;
    clippedWh += Math.max(0, panels * panelW - limitW) * hours;
  }
  return { totalKwh: (totalWh * daysPerMonth) / 1000, clippedKwh: (clippedWh * daysPerMonth) / 1000 };
}
