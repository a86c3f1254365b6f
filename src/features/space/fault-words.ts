import { type Plan } from "@/core/plan";
import { type LayoutFault } from "@/core/roof";

/** A panel as it is called: its tag, or its kind and number. */
export function pieceName({ panels }: Pick<Plan, "panels">, key: string): string {
  for (const { id, label, pieces } of panels)
    for (const { number, tag } of pieces)
      if (`${id}.${number}` === key) return tag === "" ? `${label.name} ${number}` : tag;
  return key;
}

export function faultWords(plan: Plan, fault: LayoutFault): string {
  const panel = pieceName(plan, fault.panel);
  switch (fault.type) {
    case "overlap":
      return `${panel} lies over ${pieceName(plan, fault.other)} by ${cm2(fault.areaMm2)}. Move one of them, or set it higher to slide over.`;
    case "overEdge":
      return `${panel} hangs over the edge by ${cm2(fault.areaMm2)}.`;
    case "onObstacle":
      return `${panel} lies where ${nameIn(plan.space.obstacles, fault.obstacleId)} stands.`;
    case "clearance":
      return `${panel} lies in the way of ${nameIn(plan.space.obstacles, fault.obstacleId)}: it could not open or be reached.`;
    case "inZone":
      return `${panel} lies on “${nameIn(plan.space.zones, fault.zoneId)}”.`;
  }
}

function cm2(areaMm2: number): string {
  return `${(areaMm2 / 100).toFixed(0)}\u00a0cm²`;
}

function nameIn(list: readonly { readonly id: string; readonly name: string }[], id: string): string {
  return list.find((each) => each.id === id)?.name ?? id;
}
