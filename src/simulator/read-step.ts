import { type Place } from "@/core/commissioning";
import { type ReadQuantity } from "@/core/measurements";

/** The lines that set the devices for a reading and take it: the meter's dial, its leads, the plug; the last one is answered by it. */
export function linesFor(place: Place, quantity: ReadQuantity, dueV: number, dueA: number): readonly string[] {
  const probe = `PROBE ${place.type === "panel" ? `panel:${place.id}` : place.type === "string" ? `string:${place.n}` : place.type}`;
  switch (quantity) {
    case "openV":
      return ["PLUG out", `METER V DC ${dueV < 50 ? 60 : 600}`, probe, "READ meter"];
    case "shortA":
      // set for amps before the leads touch anything
      return ["PLUG out", `METER A DC ${dueA < 0.3 ? 0.4 : 10}`, probe, "READ meter"];
    case "runV":
    case "runA":
      return ["PLUG in", "WAIT 30", "READ inline"];
    case "displayW":
    case "batterySoc":
      return ["PLUG in", "WAIT 30", "READ display"];
  }
}
