import fc from "fast-check";
import { type Adapter, type Ends, findChain, followChain, type PlugKind, defaultAdapters, defaultKinds } from ".";

const kindOf = (id: string) => defaultKinds.find((kind) => kind.id === id) ?? null;
const named = (id: string): PlugKind => {
  const kind = kindOf(id);
  if (kind === null) throw new Error(`no kind "${id}"`);
  return kind;
};
const ends = (from: string, to: string, more: Partial<Ends> = {}): Ends => ({
  from: named(from),
  fromTurned: named(from).turns ? false : null,
  to: named(to),
  toReversed: false,
  amps: 4,
  volts: 25,
  ...more,
});
/** As they should be: every plug that can be turned was looked at. */
const looked = (chain: readonly Adapter[]) => chain.map((adapter) => ({ adapter, turned: false }));
const price = (adapter: Adapter) => adapter.price ?? 0;

/** A chain of up to five leads that fit each other, made by walking from plug to plug. */
const fittingChains = fc
  .tuple(fc.constantFrom(...defaultKinds), fc.array(fc.nat(), { minLength: 1, maxLength: 5 }))
  .map(([from, picks]) => {
    const chain: Adapter[] = [];
    let at = from.id;
    for (const pick of picks) {
      const ways = defaultAdapters.filter(({ fromId, reverses }) => fromId === at && !reverses);
      const next = ways[pick % Math.max(1, ways.length)];
      if (next === undefined) break;
      chain.push(next);
      at = next.toId;
    }
    return { from: from.id, to: at, chain };
  });

test("a lead that swaps + and −, or a plug put together the wrong way round, is found wherever it is in a chain of up to five", () => {
  fc.assert(
    fc.property(fittingChains, fc.nat(), fc.boolean(), ({ from, to, chain }, place, byTurning) => {
      fc.pre(chain.length > 0);
      const k = place % chain.length;
      const right = followChain(ends(from, to), looked(chain), kindOf);
      expect(right).toEqual({ arrives: "right", faults: [] });
      const wrong = looked(chain).map((link, at) =>
        at !== k
          ? link
          : byTurning
            ? { ...link, turned: true }
            : { ...link, adapter: { ...link.adapter, reverses: true } },
      );
      const found = followChain(ends(from, to), wrong, kindOf);
      expect(found.arrives).toBe("reversed");
      expect(found.faults).toEqual([{ type: "swaps", at: { type: "link", k }, by: byTurning ? "turned" : "made" }]);
    }),
  );
});

test("two wrongs make a right at the end, and both are still told", () => {
  fc.assert(
    fc.property(fittingChains, fc.nat(), fc.nat(), ({ from, to, chain }, a, b) => {
      fc.pre(chain.length > 1 && a % chain.length !== b % chain.length);
      const wrong = new Set([a % chain.length, b % chain.length]);
      const links = chain.map((adapter, k) => ({ adapter, turned: wrong.has(k) }));
      const found = followChain(ends(from, to), links, kindOf);
      expect([found.arrives, found.faults.length]).toEqual(["right", 2]);
    }),
  );
});

test("what nobody looked at is a question, never a pass", () => {
  const [lead] = defaultAdapters.filter(({ id }) => id === "latch-modular");
  const found = followChain(
    ends("latch", "modular"),
    lead === undefined ? [] : [{ adapter: lead, turned: null }],
    kindOf,
  );
  expect(found).toEqual({ arrives: null, faults: [{ type: "unknown", at: { type: "link", k: 0 } }] });
});

test("the chain found fits, carries the amps and arrives right; none shorter does, and none as short is cheaper", () => {
  const kinds = fc.constantFrom(...defaultKinds.map(({ id }) => id));
  fc.assert(
    fc.property(kinds, kinds, fc.boolean(), fc.integer({ min: 1, max: 40 }), (from, to, toReversed, amps) => {
      const asked = ends(from, to, { toReversed, amps });
      const found = findChain(asked, defaultAdapters, price, kindOf);
      const all = allChains(from, 3).filter((chain) => works(asked, chain));
      if (found === null) return expect(all).toEqual([]);
      expect(works(asked, found)).toBe(true);
      const shortest = Math.min(...all.map((chain) => chain.length));
      if (found.length > 3) return expect(all).toEqual([]);
      expect(found.length).toBe(shortest);
      const cost = (chain: readonly Adapter[]) => chain.reduce((sum, each) => sum + price(each), 0);
      expect(cost(found)).toBe(Math.min(...all.filter((chain) => chain.length === shortest).map(cost)));
    }),
  );

  /** By trying: every chain of so many leads at most. */
  function allChains(from: string, most: number): Adapter[][] {
    if (most === 0) return [[]];
    const further = defaultAdapters.filter(({ fromId }) => fromId === from);
    return [[], ...further.flatMap((each) => allChains(each.toId, most - 1).map((rest) => [each, ...rest]))];
  }
  function works(asked: Ends, chain: readonly Adapter[]): boolean {
    const { arrives, faults } = followChain(asked, looked(chain), kindOf);
    const ofLinks = faults.filter(({ type, at }) => type === "misfit" || (at.type === "link" && type !== "swaps"));
    return arrives === "right" && ofLinks.length === 0;
  }
});

test("more than a lead or a plug bears is told with what it bears", () => {
  const [lead] = defaultAdapters.filter(({ id }) => id === "latch-barrel8");
  const links = lead === undefined ? [] : looked([lead]);
  const { faults } = followChain(ends("latch", "barrel8", { amps: 12, volts: 70 }), links, kindOf);
  expect(faults).toEqual([
    { type: "amps", at: { type: "link", k: 0 }, bears: 10 },
    { type: "volts", at: { type: "link", k: 0 }, bears: 60 },
    { type: "amps", at: { type: "to" }, bears: 10 },
    { type: "volts", at: { type: "to" }, bears: 60 },
  ]);
});
