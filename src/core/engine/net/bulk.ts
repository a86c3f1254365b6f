import {
  blockingDiodeCurve,
  cableCurve,
  type Curve,
  inParallel,
  type KnotCurrents,
  knotCurrents,
  StringOfParts,
} from "../iv";
import { atSky } from "../panel";
import { fuseOhm, largestA, substringCount, substringLight } from "./compile";
import { type Net, type PanelNet } from "./net";
import { type NetSolution, seenFrom } from "./solve";

/**
 * A solver of nets that are not looked into, for the hours of a year. Nothing is remembered from one to the next but scratch, so
 * that memory stays flat. Within 0.4 % of `solveNet` at the maximum of power, mostly within 0.05 %.
 */
export function createBulkSolver(): (net: Net) => NetSolution {
  const string = new StringOfParts();

  /** Null when no current passes whatever the voltage. */
  function curveOf(net: Net, knots: KnotCurrents): Curve | null {
    switch (net.type) {
      case "panel":
      case "series":
        return seriesOf(net, knots);
      case "parallel": {
        const curves = net.members.flatMap((member) => curveOf(member, knots) ?? []);
        return curves.length === 0 ? null : inParallel(curves);
      }
      case "cable":
        return cableCurve(net.ohm, knots.maxA);
      case "blockingDiode":
        return blockingDiodeCurve(knots.maxA);
      case "fuse":
        return net.open ? null : cableCurve(fuseOhm, knots.maxA);
    }
  }

  /** Panels in series as one list of substrings, equal ones counted; all else by its curve. */
  function seriesOf(net: Extract<Net, { type: "panel" | "series" }>, knots: KnotCurrents): Curve | null {
    const members = net.type === "panel" ? [net] : flat(net.members);
    // what has strings of its own comes first, as it uses the same scratch
    const others = members.flatMap((member) => (member.type === "panel" ? [] : [curveOf(member, knots)]));
    if (others.some((curve) => curve === null)) return null;
    string.clear();
    for (const curve of others) if (curve !== null) string.addCurve(curve);
    for (const member of members) if (member.type === "panel") addPanel(string, member, knots);
    return string.inSeries(knots.maxA);
  }

  return (net) => seenFrom(curveOf(net, knotCurrents(largestA(net))));
}

/** A series within a series is one. */
function flat(members: readonly Net[]): Net[] {
  return members.flatMap((member) => (member.type === "series" ? flat(member.members) : [member]));
}

/** Less light than this is none, W/m²: a full moon gives less. */
const darkWm2 = 0.01;

function addPanel(string: StringOfParts, net: PanelNet, knots: KnotCurrents): void {
  const { model, cellTempC } = net;
  const parts = substringCount(model);
  const light = substringLight(net)
    .map((wm2) => (wm2 < darkWm2 ? 0 : wm2))
    .sort((a, b) => a - b);
  for (let k = 0; k < light.length;) {
    const each = light[k] as number;
    let count = 1;
    while (light[k + count] === each) count += 1;
    string.addPart(atSky(model, each, cellTempC), parts, model.bypassDiodes > 0, count, knots);
    k += count;
  }
}
