import { type Adapter, type PlugKind } from "./kinds";

/** One adapter of a chain as it lies there. `turned`: a plug of it that can be was put together the wrong way round; null: nobody looked. */
export type Link = { readonly adapter: Adapter; readonly turned: boolean | null };

export type Ends = {
  readonly from: PlugKind;
  /** As `turned` of a link, for the panels' own plug. */ readonly fromTurned: boolean | null;
  readonly to: PlugKind;
  /** Whether the input's socket has + and − the other way round than such plugs have them. */ readonly toReversed: boolean;
  /** What flows for good, and what it stands at in the cold. */ readonly amps: number;
  readonly volts: number;
};

/** Where in a chain: the panels' plug, link k, the input's socket. */
export type ChainPlace =
  { readonly type: "from" } | { readonly type: "link"; readonly k: number } | { readonly type: "to" };

export type ChainFault =
  /** What comes does not fit what is there. */
  | { readonly type: "misfit"; readonly at: ChainPlace; readonly comesId: string; readonly takesId: string }
  /** + becomes − here. */
  | { readonly type: "swaps"; readonly at: ChainPlace; readonly by: "made" | "turned" | "socket" }
  /** It may be put together either way, and nobody has looked. */
  | { readonly type: "unknown"; readonly at: ChainPlace }
  | { readonly type: "amps" | "volts"; readonly at: ChainPlace; readonly bears: number };

export type Followed = {
  readonly faults: readonly ChainFault[];
  /** Whether + arrives at −; null while it is not known. */
  readonly arrives: "right" | "reversed" | null;
};

/** A chain of adapters from the panels' plug to the input, followed joint by joint. */
export function followChain(ends: Ends, links: readonly Link[], kindOf: (id: string) => PlugKind | null): Followed {
  const faults: ChainFault[] = [];
  let [isSwapped, isKnown] = [false, true];
  const swap = (at: ChainPlace, by: "made" | "turned" | "socket") => {
    isSwapped = !isSwapped;
    faults.push({ type: "swaps", at, by });
  };
  const look = (at: ChainPlace, turned: boolean | null, canTurn: boolean) => {
    if (turned === true) swap(at, "turned");
    if (turned !== null || !canTurn) return;
    isKnown = false;
    faults.push({ type: "unknown", at });
  };
  const bears = (at: ChainPlace, maxA: number, maxV: number | null) => {
    if (ends.amps > maxA) faults.push({ type: "amps", at, bears: maxA });
    if (maxV !== null && ends.volts > maxV) faults.push({ type: "volts", at, bears: maxV });
  };
  look({ type: "from" }, ends.fromTurned, ends.from.turns);
  bears({ type: "from" }, ends.from.maxA, ends.from.maxV);
  let comesId = ends.from.id;
  for (const [k, { adapter, turned }] of links.entries()) {
    const at: ChainPlace = { type: "link", k };
    if (adapter.fromId !== comesId) faults.push({ type: "misfit", at, comesId, takesId: adapter.fromId });
    const kinds = [kindOf(adapter.fromId), kindOf(adapter.toId)];
    if (adapter.reverses) swap(at, "made");
    look(
      at,
      turned,
      kinds.some((each) => each?.turns === true),
    );
    const volts = kinds.flatMap((each) => each?.maxV ?? []);
    bears(at, adapter.maxA, volts.length === 0 ? null : Math.min(...volts));
    comesId = adapter.toId;
  }
  if (comesId !== ends.to.id) faults.push({ type: "misfit", at: { type: "to" }, comesId, takesId: ends.to.id });
  if (ends.toReversed) swap({ type: "to" }, "socket");
  bears({ type: "to" }, ends.to.maxA, ends.to.maxV);
  return { faults, arrives: isKnown ? (isSwapped ? "reversed" : "right") : null };
}

/**
 * The chain of fewest adapters that fits, bears the amps and brings + to +, of those the cheapest; null where none does. What
 * lies in the bag costs nothing. A step of a breadth-first search is a chain one longer, so the first that arrives is a shortest.
 */
export function findChain(
  ends: Ends,
  adapters: readonly Adapter[],
  priceOf: (adapter: Adapter) => number,
  kindOf: (id: string) => PlugKind | null,
): readonly Adapter[] | null {
  const usable = adapters.filter(
    ({ maxA, fromId, toId }) =>
      maxA >= ends.amps && [fromId, toId].every((id) => (kindOf(id)?.maxV ?? Infinity) >= ends.volts),
  );
  type Way = {
    readonly at: string;
    readonly swapped: boolean;
    readonly price: number;
    readonly chain: readonly Adapter[];
  };
  const start: Way = { at: ends.from.id, swapped: ends.fromTurned === true, price: 0, chain: [] };
  const arrives = ({ at, swapped }: Way) => at === ends.to.id && swapped === ends.toReversed;
  const reached = new Set([stateOf(start)]);
  for (let front: readonly Way[] = [start]; front.length > 0;) {
    const [best] = front.filter(arrives).sort((a, b) => a.price - b.price);
    if (best !== undefined) return best.chain;
    const next = new Map<string, Way>();
    for (const way of front)
      for (const adapter of usable) {
        if (adapter.fromId !== way.at) continue;
        const further: Way = {
          at: adapter.toId,
          swapped: way.swapped !== adapter.reverses,
          price: way.price + priceOf(adapter),
          chain: [...way.chain, adapter],
        };
        const key = stateOf(further);
        if (reached.has(key) || (next.get(key)?.price ?? Infinity) <= further.price) continue;
        next.set(key, further);
      }
    for (const key of next.keys()) reached.add(key);
    front = [...next.values()];
  }
  return null;

  function stateOf({ at, swapped }: Way): string {
    return `${at} ${swapped}`;
  }
}
