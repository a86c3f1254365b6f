/** Connectors by what they are, and leads that go from one to another. No maker's names: what a person sees is what it is called. */

export type PlugKind = {
  readonly id: string;
  readonly name: string;
  /** What one contact carries for good, and the volts it is made for (DC). */
  readonly maxA: number;
  readonly maxV: number;
  /** Whether its two halves can be put together the wrong way round, so that nothing but a meter tells + from −. */
  readonly turns: boolean;
};

/** A lead from the plug on the panels' side to the one on the input's. */
export type Adapter = {
  readonly id: string;
  readonly name: string;
  readonly fromId: string;
  readonly toId: string;
  /** Whether it leads + to −: made so for sockets that want it, or by mistake. */
  readonly reverses: boolean;
  readonly maxA: number;
  /** What it costs; null: not known. */ readonly price: number | null;
};

const kind = (id: string, name: string, maxA: number, maxV: number, turns = false): PlugKind => ({
  id,
  name,
  maxA,
  maxV,
  turns,
});

/** Usual ratings; a sheet that says less is typed as a kind of one's own. */
export const defaultKinds: readonly PlugKind[] = [
  kind("latch", "4 mm PV latch connector", 30, 1000),
  kind("barrel8", "8 mm barrel", 10, 60),
  kind("barrel5", "5.5 mm barrel", 5, 30),
  kind("flat", "Two-pole flat blade plug", 15, 60),
  kind("modular", "Modular two-pole plug", 45, 600, true),
  kind("round", "Two-pole round plug with a ring", 20, 100),
  kind("screw", "Screw terminal", 60, 600),
];

export const defaultPanelKind = "latch";
export const defaultPortKinds = { powerStation: "modular", chargeController: "screw" } as const;

const lead = (fromId: string, toId: string, maxA: number, price: number, reverses = false): Adapter => {
  const nameOf = (id: string) => defaultKinds.find((each) => each.id === id)?.name ?? id;
  return {
    id: `${fromId}-${toId}${reverses ? "-reversing" : ""}`,
    name: reverses
      ? `Reversing lead, ${nameOf(fromId)}`
      : `${nameOf(fromId)} to ${nameOf(toId).replace(/^[A-Z](?![A-Z])/, (c) => c.toLowerCase())}`,
    fromId,
    toId,
    reverses,
    maxA,
    price,
  };
};

/** Leads there are to buy, with what they cost about. */
export const defaultAdapters: readonly Adapter[] = [
  lead("latch", "barrel8", 10, 13),
  lead("latch", "barrel5", 5, 11),
  lead("latch", "flat", 15, 12),
  lead("latch", "modular", 30, 16),
  lead("latch", "round", 20, 19),
  lead("latch", "screw", 30, 9),
  lead("modular", "latch", 30, 16),
  lead("modular", "barrel8", 10, 12),
  lead("modular", "screw", 40, 10),
  lead("flat", "latch", 15, 12),
  lead("flat", "modular", 15, 11),
  lead("flat", "screw", 15, 7),
  lead("barrel8", "latch", 10, 13),
  lead("barrel8", "barrel5", 5, 5),
  lead("barrel8", "modular", 10, 12),
  lead("barrel5", "barrel8", 5, 5),
  lead("screw", "latch", 30, 9),
  lead("screw", "modular", 40, 10),
  lead("screw", "round", 20, 14),
  lead("barrel8", "barrel8", 10, 8, true),
  lead("modular", "modular", 30, 9, true),
  lead("latch", "latch", 30, 9, true),
];
