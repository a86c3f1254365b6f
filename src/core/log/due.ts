import { dayMs, hourMs } from "../engine/numeric";
import { operate } from "../engine/pv-input";
import { lightOn, type PanelLight } from "../engine/light";
import { createBulkSolver, substringCount } from "../engine/net";
import { type Plan } from "../plan";
import { kindOf, type PortArrayContext, netIn, solvableById } from "../plan-model";
import { rossCPerWm2 } from "../engine/sky";
import { clearHour } from "../engine/weather";
import { keyOf, standOf } from "../engine/array";
import { createPlanes } from "../wiring/year";
import { type Turns } from "./tilt";

const albedo = 0.2;
/** A day is looked at so often, h. */
const stepH = 1.5;
const dark = { freeW: 0, watts: 0 };

/** What the ports of a wiring take under a share of a cloudless sky's light; limits that ports share are left out. */
export function createDue(plan: Plan, wiringId: string, longitudeDeg: number, { isSeasonal }: Turns) {
  const ready = solvableById(plan, wiringId);
  const { portArrays, common } = ready;
  const latitudeDeg = common.site.latitudeDeg;
  const longitude = common.site.longitudeDeg ?? longitudeDeg;
  const planeOf = createPlanes(plan, ready.positions[0]?.id ?? "", longitudeDeg);
  const solve = createBulkSolver();
  const offsetMs = Math.round(longitude / 15) * hourMs;
  const taken = (context: PortArrayContext, atMs: number, share: number, airC: number, tiltMs: number | null) => {
    const hour = clearHour(atMs, latitudeDeg, longitude);
    if (hour === null) return dark;
    const net = netIn(
      common,
      context.portArray.strings,
      (tile): PanelLight => {
        // a tilt of the seasons is that of a day, whatever the sun does
        const lies = planeOf(keyOf(tile), tiltMs !== null && isSeasonal(keyOf(tile)) ? tiltMs : atMs);
        const wm2 = share * lightOn(lies, hour, albedo).insideWm2;
        const stand = standOf(context.position, tile);
        if (stand.stance === "stowed") return { cellTempC: airC, irradianceWm2: [0] };
        return { cellTempC: airC + rossCPerWm2[stand.mount ?? common.site.mount] * wm2, irradianceWm2: [wm2] };
      },
      context.copper.cables,
    );
    if (net === null) return dark;
    const array = solve(net);
    const freeW = array.mpp.p;
    const { window, tracking } = context;
    return { freeW, watts: window === null ? freeW : Math.min(freeW, operate(array, window, tracking).p) };
  };
  const at = (atMs: number, share: number, airC: number, tiltMs: number | null) => {
    const each = portArrays.map((portArray) => taken(portArray, atMs, share, airC, tiltMs));
    return {
      watts: each.reduce((sum, { watts }) => sum + watts, 0),
      freeW: each.reduce((sum, { freeW }) => sum + freeW, 0),
    };
  };
  const dawnOf = (atMs: number) => Math.floor((atMs + offsetMs) / dayMs) * dayMs - offsetMs;
  const tiles = portArrays.flatMap((portArray) => portArray.tiles.map((tile) => kindOf(portArray, tile)));
  return {
    at,
    sunAt: (atMs: number) => clearHour(atMs, latitudeDeg, longitude)?.sun ?? { azimuthDeg: 0, elevationDeg: -1 },
    dateOf: (atMs: number) => new Date(atMs + offsetMs).toISOString().slice(0, 10),
    noonOf: (atMs: number) => dawnOf(atMs) + dayMs / 2,
    /** Of the day a moment is in, until `untilMs`; tilted as on the day of `tiltMs`. */
    dayKwh: (atMs: number, share: number, airC: number, untilMs: number, tiltMs: number | null) => {
      const dawnMs = dawnOf(atMs);
      const endH = Math.min(24, (untilMs - dawnMs) / hourMs);
      let kwh = 0;
      for (let hour = 0; hour < endH; hour += stepH) {
        const lengthH = Math.min(stepH, endH - hour);
        kwh += (at(dawnMs + (hour + lengthH / 2) * hourMs, share, airC, tiltMs).watts * lengthH) / 1000;
      }
      return kwh;
    },
    array: {
      panels: Math.max(1, tiles.length),
      partsOfPanel: Math.max(1, ...tiles.map(({ model }) => substringCount(model))),
    },
  };
}
