import { portWindow, wattLimit } from "@/core/engine/pv-input";
import { type Plan, type PortSheet, type Wiring } from "@/core/plan";
import { given, limit } from "../format";
import { shortName } from "../names";

/** What a port takes, as its sheet says it: "10 V to 57 V · 7 A up to 27 V, 12.5 A up to 57 V · 430 W". */
export function acceptWords(port: PortSheet): string {
  const window = portWindow(port);
  const tiers = [...port.currentLimits]
    .sort((a, b) => (a.toV ?? Number.POSITIVE_INFINITY) - (b.toV ?? Number.POSITIVE_INFINITY))
    .map(({ amps, toV, nature }) => {
      if (amps === null) return "current not entered";
      const most = `${nature === "neverExceed" ? "absolute maximum " : ""}${given(amps, "A")}`;
      return port.currentLimits.length > 1 && toV !== null ? `${most} up to ${given(toV, "V")}` : most;
    });
  return [
    window === null ? null : `${limit(window.minV, "V")} to ${given(window.maxV, "V")}`,
    tiers.length === 0 ? null : tiers.join(", "),
    wattWords(port),
  ]
    .filter((part) => part !== null)
    .join(" · ");
}

function wattWords(port: PortSheet): string | null {
  if (port.maxW !== null && port.maxWNature === "neverExceed") return `absolute maximum ${given(port.maxW, "W")}`;
  const most = wattLimit(port);
  return most === null ? null : limit(most, "W");
}

/** Ports of a wiring that have panels, each by a name as short as tells it apart. */
export function portPortArrays(
  plan: Pick<Plan, "inputs">,
  wiring: Pick<Wiring, "portArrays">,
): readonly { readonly inputId: string; readonly portId: string; readonly name: string }[] {
  return wiring.portArrays.flatMap(({ inputId, portId, strings }) => {
    const device = plan.inputs.find(({ id }) => id === inputId)?.device;
    const port = device?.ports.find(({ id }) => id === portId);
    if (inputId === null || portId === null || device === undefined || port === undefined || strings.length === 0)
      return [];
    const isOnly = wiring.portArrays.every((other) => other.inputId === inputId || other.strings.length === 0);
    const ofPort = device.ports.length > 1 ? shortName(port.name) : null;
    const name = ofPort === null ? shortName(device.name) : isOnly ? ofPort : `${shortName(device.name)}: ${ofPort}`;
    return [{ inputId, portId, name }];
  });
}
