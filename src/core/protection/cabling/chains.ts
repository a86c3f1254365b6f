import { type Plan } from "../../plan";
import {
  type Adapter,
  type ChainFault,
  type Ends,
  findChain,
  followChain,
  type Followed,
  type Link,
  type PlugKind,
  defaultAdapters,
  defaultKinds,
  defaultPanelKind,
  defaultPortKinds,
} from "../connectors";
import { type PortArray, usedIn } from "../../engine/array";

/** How the panels of a port array are plugged into its port. */
export type PortChain = Followed & {
  readonly links: readonly Link[];
  /** Whether a chain is said, or was found. */ readonly isFound: boolean;
  readonly isSaid: boolean;
  readonly from: PlugKind;
  readonly to: PlugKind;
  readonly placeNames: readonly string[];
  /** What one branch plug of the panels' kind bears, A. */ readonly branchA: number;
};

/** Plugs there are: the usual ones, and those of the plan, which take the place of one of the same id. */
export function plugKinds({ protect }: Pick<Plan, "protect">): readonly PlugKind[] {
  const own = new Set(protect.kinds.map(({ id }) => id));
  return [...defaultKinds.filter(({ id }) => !own.has(id)), ...protect.kinds];
}

export function adaptersOf({ protect }: Pick<Plan, "protect">): readonly Adapter[] {
  const own = new Set(protect.adapters.map(({ id }) => id));
  return [...defaultAdapters.filter(({ id }) => !own.has(id)), ...protect.adapters];
}

/** By what words a part's price and number are kept: the part itself. */
export function adapterPart({ name }: Pick<Adapter, "name">): string {
  return `adapter: ${name}`.slice(0, 120);
}

/** A plug that no list has any more: it fits nothing and bears nothing, so that nobody relies on it. */
function lostKind(id: string): PlugKind {
  return { id, name: id, maxA: 0, maxV: 0, turns: true };
}

/** What the plan's plugs are, and in which of them the leads of a panel end. */
function endsIn(plan: Plan) {
  const kinds = plugKinds(plan);
  const kindOf = (id: string): PlugKind | null => kinds.find((kind) => kind.id === id) ?? null;
  const panelEndOf = (panelId: string | null) => {
    const end = plan.protect.panelEnds.find((each) => each.panelId === panelId);
    const id = end?.kindId ?? defaultPanelKind;
    return { kind: kindOf(id) ?? lostKind(id), turned: end?.turned ?? null };
  };
  return { kindOf, panelEndOf };
}

/** The chain of a port array as it is said, or else the one that is found, followed joint by joint. */
export function chainOf(plan: Plan, portArray: PortArray, amps: number, volts: number): PortChain {
  const { protect, inputs } = plan;
  const { kindOf, panelEndOf } = endsIn(plan);
  const panelEnd = panelEndOf(usedIn(portArray.strings)[0]?.panelId ?? null);
  const portEnd = protect.portEnds.find((end) => end.inputId === portArray.inputId && end.portId === portArray.portId);
  const device = inputs.find(({ id }) => id === portArray.inputId)?.device;
  const toId = portEnd?.kindId ?? defaultPortKinds[device?.kind ?? "powerStation"];
  const [from, to] = [panelEnd.kind, kindOf(toId) ?? lostKind(toId)];
  // a cable is cut to length and ends bare in a screw terminal: nothing goes between
  const isBare = to.id === "screw" && (portEnd?.chain ?? null) === null;
  const ends: Ends = {
    from: isBare ? to : from,
    fromTurned: panelEnd.turned,
    to,
    toReversed: portEnd?.reversed ?? false,
    amps,
    volts,
  };
  const adapters = adaptersOf(plan);
  const said = portEnd?.chain ?? null;
  const owned = new Set(protect.prices.filter((price) => price.owned > 0).map(({ part }) => part));
  const priceOf = (adapter: Adapter) => (owned.has(adapterPart(adapter)) ? 0 : (adapter.price ?? 0));
  const found = said === null && !isBare ? findChain(ends, adapters, priceOf, kindOf) : null;
  const links: Link[] =
    said === null
      ? (found ?? []).map((adapter) => ({ adapter, turned: null }))
      : said.map(({ adapterId, turned }) => ({
          adapter: adapters.find(({ id }) => id === adapterId) ?? lostAdapter(adapterId),
          turned,
        }));
  const followed = followChain(ends, links, kindOf);
  return {
    ...followed,
    links,
    isFound: said !== null || found !== null || isBare,
    isSaid: said !== null,
    from,
    to,
    placeNames: [from.name, ...links.map(({ adapter }) => adapter.name), to.name],
    branchA: from.maxA,
  };
}

/** Two panels of a string whose leads end in different plugs, and what joins them; null: no chain of the adapters known. */
export type UnlikeEnds = {
  readonly fromName: string;
  readonly toName: string;
  readonly adapters: readonly Adapter[] | null;
};

/** Neighbours in strings that do not plug into each other: every such place, once. */
export function unlikeEnds(plan: Plan, portArray: PortArray, amps: number, volts: number): UnlikeEnds[] {
  const { kindOf, panelEndOf } = endsIn(plan);
  return portArray.strings.flatMap((string) => {
    const tiles = usedIn([string]);
    return tiles.slice(1).flatMap((tile, k): UnlikeEnds[] => {
      const [from, to] = [panelEndOf(tiles[k]?.panelId ?? tile.panelId).kind, panelEndOf(tile.panelId).kind];
      if (from.id === to.id) return [];
      const ends: Ends = { from, fromTurned: false, to, toReversed: false, amps, volts };
      const found = findChain(ends, adaptersOf(plan), (adapter) => adapter.price ?? 0, kindOf);
      return [{ fromName: from.name, toName: to.name, adapters: found }];
    });
  });
}

function lostAdapter(id: string): Adapter {
  return { id, name: id, fromId: "", toId: "", reverses: false, maxA: 0, price: null };
}

/** Where in the names of a chain's places a fault is. */
export function placeOfFault({ at }: ChainFault, { length }: readonly unknown[]): number {
  return at.type === "from" ? 0 : at.type === "link" ? at.k + 1 : length - 1;
}
