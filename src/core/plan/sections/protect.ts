import { type Plan } from "../plan";
import { isJson, type DanglingReference, type Parts, renamedInLists, duplicateId } from "../section";
import { type Protect, type PanelEnd, type PortEnd, type ControllerFacts, type PartPrice } from "../schemas/protect";

export { schema } from "../schemas/protect";

export const version = 3;

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
  controllers: [],
  prices: [],
};
export const parts: Parts = { kind: "protect", by: "field" };

/** Plans of version 4 were written before there was this section. */
export const isOptional = true;

export const changes = {
  setProtect: (
    plan: Plan,
    {
      patch,
    }: {
      readonly type: "setProtect";
      readonly patch: Partial<Omit<Protect, "panelEnds" | "portEnds" | "controllers">>;
    },
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
  /** What a charge controller's terminals take, and what it lets through. */
  setController: (plan: Plan, { facts }: { readonly type: "setController"; readonly facts: ControllerFacts }): Plan =>
    plan.inputs.some(({ id: inputId }) => inputId === facts.inputId)
      ? withEnds(plan, { controllers: replaced(plan.protect.controllers, facts, ({ inputId }) => inputId) })
      : plan,
  /** What a part costs, and how many of it are there. */
  setPartPrice: (plan: Plan, { price: said }: { readonly type: "setPartPrice"; readonly price: PartPrice }): Plan => ({
    ...plan,
    protect: { ...plan.protect, prices: replaced(plan.protect.prices, said, ({ part }) => part) },
  }),
};

function withEnds(plan: Plan, patch: Partial<Pick<Protect, "panelEnds" | "portEnds" | "controllers">>): Plan {
  return keptEnds({ ...plan, protect: { ...plan.protect, ...patch } });
}

function replaced<T>(list: readonly T[], item: T, keyOf: (item: T) => string): T[] {
  const at = list.findIndex((other) => keyOf(other) === keyOf(item));
  return at < 0 ? [...list, item] : list.map((other, k) => (k === at ? item : other));
}

function isPort({ inputs }: Plan, { inputId, portId }: Pick<PortEnd, "inputId" | "portId">): boolean {
  return inputs.some((input) => input.id === inputId && input.device.ports.some((port) => port.id === portId));
}

/** What is known of an input's terminals; of a new one, nothing. */
export function controllerFactsOf({ protect }: Pick<Plan, "protect">, inputId: string): ControllerFacts {
  const known = protect.controllers.find((each) => each.inputId === inputId);
  return known ?? { inputId, pvMm2: null, batteryMm2: null, backfeed: null, joins: null };
}

/** What is said of panels, ports and inputs that are in the plan no more goes with them. */
export function keptEnds(plan: Plan): Plan {
  const { panelEnds, portEnds, controllers } = plan.protect;
  const kept = {
    controllers: controllers.filter(({ inputId }) => plan.inputs.some((input) => input.id === inputId)),
    panelEnds: panelEnds.filter(({ panelId }) => plan.panels.some((panel) => panel.id === panelId)),
    portEnds: portEnds.filter((end) => isPort(plan, end)),
  };
  return kept.panelEnds.length === panelEnds.length &&
    kept.portEnds.length === portEnds.length &&
    kept.controllers.length === controllers.length
    ? plan
    : { ...plan, protect: { ...plan.protect, ...kept } };
}

export function findDangling(plan: Plan): DanglingReference | null {
  const { kinds, adapters, panelEnds, portEnds, controllers } = plan.protect;
  const twice = duplicateId("protect.kinds", kinds) ?? duplicateId("protect.adapters", adapters);
  if (twice !== null) return twice;
  const panel = panelEnds.findIndex(({ panelId }) => plan.panels.every((each) => each.id !== panelId));
  if (panel >= 0)
    return {
      path: `protect.panelEnds.${panel}.panelId`,
      problem: `no panel "${panelEnds[panel]?.panelId}" in this plan`,
    };
  const input = controllers.findIndex(({ inputId }) => plan.inputs.every((each) => each.id !== inputId));
  if (input >= 0)
    return {
      path: `protect.controllers.${input}.inputId`,
      problem: `no input "${controllers[input]?.inputId}" in this plan`,
    };
  const port = portEnds.findIndex((end) => !isPort(plan, end));
  if (port >= 0)
    return { path: `protect.portEnds.${port}.portId`, problem: `no port "${portEnds[port]?.portId}" on that input` };
  return null;
}

export function fromVersion3(): unknown {
  return Object.fromEntries(Object.entries(empty).filter(([name]) => name !== "controllers"));
}

/** Version 2: what is known of the terminals of charge controllers. */
function toVersion2(older: unknown): unknown {
  return isJson(older) ? { ...older, controllers: [] } : older;
}

/** Version 3: limits of connectors and adapters are called that. */
function toVersion3(older: unknown): unknown {
  return renamedInLists(older, { kinds: { mostA: "maxA", mostV: "maxV" }, adapters: { mostA: "maxA" } });
}

export const upgrades = [toVersion2, toVersion3];
