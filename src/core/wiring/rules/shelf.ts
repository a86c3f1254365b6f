import { keyOf, shelfPieces, tilesOf } from "../../engine/array";
import { type RuleOutcome, type Subject, type WholeWiring, type WiringRule } from "../../checks";

export type ShelfReason = {
  readonly type: "shelf";
  readonly panels: readonly { readonly panelName: string; readonly count: number }[];
  readonly portName: string;
};

/** Panels left on the shelf while a port has nothing before it: worth a word, as nobody may have meant it. */
export function shelf({
  plan,
  wired,
  portArrays,
}: WholeWiring): (RuleOutcome<ShelfReason> & { readonly subject: Subject }) | null {
  const strings = [...wired, ...portArrays.map(({ portArray }) => portArray)];
  const used = new Set(tilesOf(strings).map(keyOf));
  const panels = plan.panels.flatMap((panel) => {
    const { label } = panel;
    const free = shelfPieces(panel, used);
    return free.length === 0 ? [] : [{ panelName: label.name, count: free.length }];
  });
  const isFed = (inputId: string, portId: string) =>
    strings.some(
      (portArray) => portArray.inputId === inputId && portArray.portId === portId && portArray.strings.length > 0,
    );
  // a port that only an add-on brings may not be there
  const free = plan.inputs.flatMap(({ id, device }) =>
    device.ports
      .filter((port) => port.moduleId === null && !isFed(id, port.id))
      .map((port) => ({ inputId: id, portId: port.id, portName: `${device.name}: ${port.name}` })),
  );
  const [port] = free;
  if (panels.length === 0 || port === undefined) return null;
  return {
    subject: { type: "portArray", inputId: port.inputId, portId: port.portId },
    level: "note",
    value: null,
    limit: null,
    marginPct: null,
    assumptions: [],
    reason: { type: "shelf", panels, portName: port.portName },
    tiles: [],
  };
}

export const shelfRule: WiringRule<"shelf", ShelfReason> = {
  id: "shelf",
  step: "wiring",
  sense: "atMost",
  chart: { skies: [], edge: null },
  fixedBy: "nothing",
  ofInput: false,
  judge: shelf,
};
