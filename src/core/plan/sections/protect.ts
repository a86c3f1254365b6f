import { z } from "zod";
import { type Plan } from "../document";
import { field, id, name, stated } from "../fields";
import { type Loose, type Parts, twiceIn } from "../section";

/** What joining and buying the copper goes by: plugs and adapters, the box, prices of parts. Cables and fuses are the wirings'. */

/** Rows joined in a box with bars and glands, by branch plugs, or whichever suits the amps. */
export const joinings = ["auto", "box", "plugs"] as const;

const kind = z.strictObject({ id, name, mostA: field("plugA"), mostV: field("plugV"), turns: z.boolean() });
const adapter = z.strictObject({
  id,
  name,
  fromId: id,
  toId: id,
  reverses: z.boolean(),
  mostA: field("plugA"),
  price: stated("price"),
});
/** Whether a plug that can be put together two ways is the wrong way round; null: nobody has looked. */
const turned = z.boolean().nullable();
const panelEnd = z.strictObject({ panelId: id, kindId: id, turned });
const portEnd = z.strictObject({
  inputId: id,
  portId: id,
  kindId: id,
  /** Its socket has + and − the other way round than such plugs have them. */ reversed: z.boolean(),
  /** The chain that is there or chosen; null: as it is found. */
  chain: z
    .array(z.strictObject({ adapterId: id, turned }))
    .max(8)
    .nullable(),
});
/** What one part costs and how many are there already, by the part's own words. */
const price = z.strictObject({ part: z.string().min(1).max(120), each: stated("price"), owned: field("owned") });

export const version = 1;
export const schema = z.strictObject({
  joining: z.enum(joinings),
  /** Most that a run may lose of the volts; null: 3 %. */ maxDropPct: stated("dropPct"),
  /** Afloat, or where it gets wet: volts are a shock hazard from 30 V. */ isWet: z.boolean(),
  /** What a kWh is worth, so that watts lost have a price. */ kwhPrice: stated("price"),
  currency: z.string().regex(/^[A-Z]{3}$/, "a currency is its three-letter code, such as EUR"),
  /** Cable bought over what is cut; null: 10 %. */ wastePct: stated("wastePct"),
  /** Whether one plug, fuse and terminal of each kind is bought to spare. */ spares: z.boolean(),
  kinds: z.array(kind).max(40),
  adapters: z.array(adapter).max(80),
  panelEnds: z.array(panelEnd).max(40),
  portEnds: z.array(portEnd).max(200),
  prices: z.array(price).max(300),
});
export type Protect = z.infer<typeof schema>;
export type PanelEnd = Protect["panelEnds"][number];
export type PortEnd = Protect["portEnds"][number];
export type PartPrice = Protect["prices"][number];

export const empty: Protect = {
  joining: "auto",
  maxDropPct: null,
  isWet: false,
  kwhPrice: null,
  currency: "EUR",
  wastePct: null,
  spares: true,
  kinds: [],
  adapters: [],
  panelEnds: [],
  portEnds: [],
  prices: [],
};
export const parts: Parts = { kind: "protect", by: "field" };

/** Plans of version 4 were written before there was this section. */
export const cameLater = true;

export const changes = {
  setProtect: (
    plan: Plan,
    { patch }: { readonly type: "setProtect"; readonly patch: Partial<Omit<Protect, "panelEnds" | "portEnds">> },
  ): Plan => ({ ...plan, protect: { ...plan.protect, ...patch } }),
  /** What plug a kind of panel ends in. */
  setPanelEnd: (plan: Plan, { end }: { readonly type: "setPanelEnd"; readonly end: PanelEnd }): Plan =>
    plan.panels.some((panel) => panel.id === end.panelId)
      ? withEnds(plan, { panelEnds: replaced(plan.protect.panelEnds, end, ({ panelId }) => panelId) })
      : plan,
  /** What socket a port has, and the chain to it. */
  setPortEnd: (plan: Plan, { end }: { readonly type: "setPortEnd"; readonly end: PortEnd }): Plan =>
    isPort(plan, end)
      ? withEnds(plan, {
          portEnds: replaced(plan.protect.portEnds, end, ({ inputId, portId }) => `${inputId}/${portId}`),
        })
      : plan,
  /** What a part costs, and how many of it are there. */
  setPartPrice: (plan: Plan, { price: said }: { readonly type: "setPartPrice"; readonly price: PartPrice }): Plan => ({
    ...plan,
    protect: { ...plan.protect, prices: replaced(plan.protect.prices, said, ({ part }) => part) },
  }),
};

function withEnds(plan: Plan, patch: Partial<Pick<Protect, "panelEnds" | "portEnds">>): Plan {
  return keptEnds({ ...plan, protect: { ...plan.protect, ...patch } });
}

function replaced<T>(list: readonly T[], item: T, keyOf: (item: T) => string): T[] {
  const at = list.findIndex((other) => keyOf(other) === keyOf(item));
  return at < 0 ? [...list, item] : list.map((other, k) => (k === at ? item : other));
}

function isPort({ inputs }: Plan, { inputId, portId }: Pick<PortEnd, "inputId" | "portId">): boolean {
  return inputs.some((input) => input.id === inputId && input.device.ports.some((port) => port.id === portId));
}

/** Plugs of panels and ports that are in the plan no more go with them. */
export function keptEnds(plan: Plan): Plan {
  const { panelEnds, portEnds } = plan.protect;
  const kept = {
    panelEnds: panelEnds.filter(({ panelId }) => plan.panels.some((panel) => panel.id === panelId)),
    portEnds: portEnds.filter((end) => isPort(plan, end)),
  };
  return kept.panelEnds.length === panelEnds.length && kept.portEnds.length === portEnds.length
    ? plan
    : { ...plan, protect: { ...plan.protect, ...kept } };
}

export function looseIn(plan: Plan): Loose | null {
  const { kinds, adapters, panelEnds, portEnds } = plan.protect;
  const twice = twiceIn("protect.kinds", kinds) ?? twiceIn("protect.adapters", adapters);
  if (twice !== null) return twice;
  const panel = panelEnds.findIndex(({ panelId }) => plan.panels.every((each) => each.id !== panelId));
  if (panel >= 0)
    return {
      path: `protect.panelEnds.${panel}.panelId`,
      problem: `no panel "${panelEnds[panel]?.panelId}" in this plan`,
    };
  const port = portEnds.findIndex((end) => !isPort(plan, end));
  if (port >= 0)
    return { path: `protect.portEnds.${port}.portId`, problem: `no port "${portEnds[port]?.portId}" on that input` };
  return null;
}

export function fromVersion3(): unknown {
  return empty;
}

export const upgrades = [];
