import { type Change, type Plan } from "../../plan";
import { readLabel } from "../../panel";
import { createMemory, type Memory } from "../../rules";
import { quietly } from "../../steps";
import { type WeatherYear } from "../../weather";
import { countsOf, joiningParts, newTile } from "../../wiring";
import { planYear } from "../../year";
import { assumedPrices, createBench, firstLook } from "../arrange";
import { choose, lineOf, metMonths, wouldMeet } from "./choice";
import { assumedLifeYears, freeId, type InputOffer, mostOf, type PanelOffer, planWith } from "./options";
import { type Bought, type InputLine, type Purchase } from "./purchase";

export type BuyAsk = {
  readonly plan: Plan;
  readonly wiringId: string;
  readonly weather: WeatherYear | null;
  readonly panels: readonly PanelOffer[];
  readonly inputs: readonly InputOffer[];
};

export type BuyProgress = { readonly share: number; readonly found: Bought | null };

/** How many of a kind are tried: all numbers up to a few, then every second. */
const counts = [1, 2, 3, 4, 6, 8, 12];
/** Kinds that are tried on inputs still to be bought: those that are best for their money, and those with most energy. */
const mostOnNewInputs = 3;
/** Sets of rows gone through for one purchase, at most. */
const mostNets = 3000;

/**
 * What to buy: every kind of panel of the library in every number that money, room and weight allow, on what is owned and, if asked,
 * on each input of the library, each wired as the finder would. What is owned stays in. The energy is that of a quick year.
 */
export function* whatToBuy(ask: BuyAsk): Generator<BuyProgress | undefined, Bought> {
  const { plan, wiringId, weather } = ask;
  const { shopping } = plan;
  const memory = createMemory();
  const offers = ask.panels.filter(({ sheet }) => readLabel(sheet).type === "label");
  const owned = plan.inputs.length === 0 ? null : yield* tried(ask, plan, memory);
  const ownedKwh = owned?.score ?? 0;
  const need = yield* needOf(plan, wiringId, weather, memory);
  const purchases: Purchase[] = [];
  const kinds: { panel: PanelOffer; fits: number }[] = [];
  const newInputs = shopping.inputsToo || plan.inputs.length === 0 ? ask.inputs : [];
  const steps = offers.length + newInputs.length * mostOnNewInputs;
  let done = 0;
  for (const panel of offers) {
    const fits = yield* mostOf(plan, panel);
    kinds.push({ panel, fits });
    if (plan.inputs.length > 0) yield* every(panel, fits, null);
    done += 1;
    yield { share: (0.9 * done) / steps, found: purchases.length === 0 ? null : told() };
  }
  const worthwhile = [...kinds]
    .sort((a, b) => worthOf(b) - worthOf(a))
    .slice(0, mostOnNewInputs)
    .filter(({ fits }) => fits > 0);
  for (const input of newInputs) {
    for (const { panel, fits } of worthwhile) {
      yield* every(panel, fits, input);
      done += 1;
      yield { share: (0.9 * Math.min(done, steps)) / steps, found: told() };
    }
  }
  const found = told();
  yield { share: 0.92, found };
  const first = found.offers.find(({ titles }) => titles.includes("mostEnergy"))?.purchase;
  return { ...found, inputs: first === undefined ? [] : yield* onEachInput(ask, first, memory) };

  /** What there is to say so far. */
  function told(): Bought {
    const within = purchases.filter(
      ({ money }) => shopping.budget === null || (money !== null && money <= shopping.budget),
    );
    return {
      offers: choose(within, need),
      kinds: kinds.map(({ panel, fits }) => lineOf(panel, fits, within)),
      inputs: [],
      ownedKwh,
      needKwh: need,
      would: wouldMeet(within, purchases, need, owned?.byMonth ?? none),
      tried: purchases.length,
    };
  }

  /** Every number of a kind on one input. */
  function* every(panel: PanelOffer, fits: number, input: InputOffer | null): Generator<undefined> {
    let before = 0;
    for (const count of [...counts, fits].filter((n, k, all) => n <= fits && all.indexOf(n) === k)) {
      const price = priceOf(panel, count, input, 0, null);
      // more of them costs more
      if (shopping.budget !== null && price !== null && price > shopping.budget) break;
      const made = yield* purchaseOf(panel, count, input);
      if (made === null) continue;
      purchases.push(made);
      // where the input takes no more, no more need be tried
      if (made.kwh < before * 1.002) break;
      before = made.kwh;
    }
  }

  function* purchaseOf(
    panel: PanelOffer,
    count: number,
    input: InputOffer | null,
  ): Generator<undefined, Purchase | null> {
    const { plan: bought } = planBought(plan, panel, count, input);
    const look = yield* tried(ask, bought, memory);
    if (look === null || !(look.score > ownedKwh * 1.001)) return null;
    const { branchPairs } = joiningParts(look.lanes);
    const ports = look.lanes.length;
    const money = priceOf(panel, count, input, branchPairs, ports);
    const moreKwh = look.score - ownedKwh;
    const { pmaxW, weightKg, currency } = panel.sheet;
    const life = assumedLifeYears[panel.sheet.kind];
    return {
      panel,
      count,
      input,
      lanes: look.lanes,
      kwh: look.score,
      moreKwh,
      byMonthKwh: look.byMonth,
      money,
      currency,
      perW: money === null || pmaxW === null ? null : money / (pmaxW * count),
      perYearKwh: money === null ? null : money / moreKwh,
      perLifeKwh: money === null ? null : money / (moreKwh * life),
      kg: weightKg === null ? null : weightKg * count,
      monthsMet: need === null ? null : metMonths(look.byMonth, need),
    };
  }

  /** All that is paid; `ports` null: without leads and parts. Null where a price is not known, or is in another currency. */
  function priceOf(
    { id, sheet }: PanelOffer,
    count: number,
    input: InputOffer | null,
    branchPairs: number,
    ports: number | null,
  ): number | null {
    if (sheet.price === null) return null;
    if (input !== null && (input.sheet.price === null || input.sheet.currency !== sheet.currency)) return null;
    const lots = Math.ceil(count / shopping.lot) * shopping.lot;
    const plugs = shopping.plugsIn.includes(id);
    const leads = ports === null ? 0 : ports * (plugs ? 0 : (shopping.adapter ?? assumedPrices.port));
    return (
      lots * sheet.price +
      (input?.sheet.price ?? 0) +
      (shopping.delivery ?? 0) +
      leads +
      branchPairs * assumedPrices.branchPair
    );
  }

  /** How promising a kind is for an input still to be bought: watts for money, or watts where no price is known. */
  function worthOf({ panel: { sheet }, fits }: { panel: PanelOffer; fits: number }): number {
    if (fits === 0) return 0;
    return sheet.price === null ? (sheet.pmaxW ?? 0) / 1e3 : (sheet.pmaxW ?? 0) / Math.max(1, sheet.price);
  }
}

const none = Array.from({ length: 12 }, () => 0);

/** The best at a glance of all panels of a plan on all its inputs, lying as the plan has them. */
function* tried({ wiringId, weather }: BuyAsk, plan: Plan, memory: Memory) {
  const tiles = plan.panels.flatMap(({ id, pieces }) => pieces.map(({ number }) => newTile(id, number)));
  const ports = plan.inputs.flatMap(({ id, device }) =>
    device.ports.filter(({ moduleId }) => moduleId === null).map((port) => ({ inputId: id, portId: port.id })),
  );
  if (tiles.length === 0 || ports.length === 0) return null;
  const among = { tiles, ports, mostNets };
  const bench = createBench({ plan, wiringId, weather, goal: { type: "year" }, withAddOns: false, among }, memory);
  yield undefined;
  return yield* firstLook(bench);
}

/** A plan with what is bought in it. */
export function planBought(
  plan: Plan,
  panel: PanelOffer,
  count: number,
  input: InputOffer | null,
): { readonly plan: Plan; readonly panelId: string; readonly inputId: string | null } {
  const { plan: withPanels, panelId } = planWith(plan, panel, count);
  if (input === null) return { plan: withPanels, panelId, inputId: null };
  const inputId = freeId(
    `bought-${input.id}`,
    plan.inputs.map(({ id }) => id),
  );
  const inputs = [...withPanels.inputs, { id: inputId, libraryId: input.id, device: input.sheet }];
  return { plan: { ...withPanels, inputs }, panelId, inputId };
}

/** What puts a purchase into a plan, wired: one step of undo. */
export function buyChanges(plan: Plan, wiringId: string, { panel, count, input, lanes }: Purchase): Change[] {
  const { panelId, inputId } = planBought(plan, panel, count, input);
  return [
    ...(input === null || inputId === null
      ? []
      : [{ type: "addInput", id: inputId, libraryId: input.id, device: input.sheet } as const]),
    { type: "addPanel", id: panelId, libraryId: panel.id, label: panel.sheet },
    { type: "setCount", panelId, count },
    { type: "rewire", wiringId, lanes, counts: countsOf(lanes) },
  ];
}

/** Energy needed by month, kWh; null where none is stated. */
function* needOf(
  plan: Plan,
  wiringId: string,
  weather: WeatherYear | null,
  memory: Memory,
): Generator<undefined, readonly number[] | null> {
  const bare = { ...plan, wirings: plan.wirings.map((wiring) => ({ ...wiring, lanes: [] })) };
  const year = planYear({ plan: bare, wiringId, weather, fineness: "quick", memory });
  const { months } = yield* quietly(year);
  const need = months.map(({ needKwh, sourcesKwh }) => Math.max(0, needKwh - sourcesKwh));
  return need.some((kwh) => kwh > 0) ? need : null;
}

/** The panels of a purchase on what is owned, and on each input of the library by itself. */
function* onEachInput(
  ask: BuyAsk,
  { panel, count }: Purchase,
  memory: Memory,
): Generator<undefined, readonly InputLine[]> {
  const { plan } = ask;
  const lines: InputLine[] = [];
  const sets: readonly { readonly input: InputOffer; readonly isOwned: boolean }[] = [
    ...plan.inputs.map(({ id, device }) => ({ input: { id, sheet: device }, isOwned: true })),
    ...ask.inputs
      .filter(
        ({ id, sheet }) => !plan.inputs.some(({ libraryId, device }) => libraryId === id || device.name === sheet.name),
      )
      .map((input) => ({ input, isOwned: false })),
  ];
  for (const { input, isOwned } of sets) {
    const { plan: alone } = planBought({ ...plan, panels: [], inputs: [], poses: bare(plan) }, panel, count, input);
    const look = yield* tried(ask, { ...alone, mounts: [], space: { ...alone.space, places: [] } }, memory);
    const kinds = new Set(input.sheet.ports.map(({ conversion }) => conversion));
    lines.push({
      name: input.sheet.name,
      isOwned,
      conversion: kinds.size > 1 ? "both" : kinds.has("pwm") ? "pwm" : "mppt",
      price: input.sheet.price,
      currency: input.sheet.currency,
      kwh: look?.score ?? null,
    });
    yield undefined;
  }
  return lines.sort((a, b) => (b.kwh ?? -1) - (a.kwh ?? -1));
}

/** Poses of a plan of which no panel is said anything. */
function bare({ poses }: Plan): Plan["poses"] {
  return poses.map((pose) => ({ ...pose, stands: [] }));
}
