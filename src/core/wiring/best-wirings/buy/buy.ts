import { branchesOfStrings, isFuseStrict, needsFuse, ratedPanel } from "@/core/protection/cabling";
import { readLabel } from "@/core/engine/panel";
import { type Plan } from "@/core/plan";
import { createSolveCache, type SolveCache } from "@/core/plan-model";
import { quietly } from "@/core/engine/generators";
import { type WeatherYear } from "@/core/engine/weather";
import { joiningParts, type PortArray } from "@/core/engine/array";
import { planYear } from "../../year";
import { assumedPrices } from "../arrange";
import { type BuyAsk, planBought, tried } from "./bought";
import { choose, lineOf, metMonths, wouldMeet } from "./choice";
import { onEachInput, pwmBesideMppt } from "./inputs";
import { assumedLifeYears, type InputOffer, maxOf, type PanelOffer } from "./options";
import { type Bought, type Purchase } from "./purchase";

export type BuyProgress = { readonly share: number; readonly found: Bought | null };

/** How many of a kind are tried: all numbers up to a few, then every second. */
const counts = [1, 2, 3, 4, 6, 8, 12];
/** Kinds that are tried on inputs still to be bought: those that are best for their money, and those with most energy. */
const maxOnNewInputs = 3;
/**
 * What to buy: every kind of panel of the library in every number that money, room and weight allow, on what is owned and, if asked,
 * on each input of the library, each wired as the finder would. What is owned stays in. The energy is that of a quick year.
 */
export function* whatToBuy(ask: BuyAsk): Generator<BuyProgress | undefined, Bought> {
  const { plan, wiringId, weather } = ask;
  const { shopping } = plan;
  const memory = createSolveCache();
  const offers = ask.panels.filter(({ sheet }) => readLabel(sheet).type === "label");
  const owned = plan.inputs.length === 0 ? null : yield* tried(ask, plan, memory);
  const ownedKwh = owned?.score ?? 0;
  const need = yield* needOf(plan, wiringId, weather, memory);
  const purchases: Purchase[] = [];
  const kinds: { panel: PanelOffer; fits: number }[] = [];
  const newInputs = shopping.inputsToo || plan.inputs.length === 0 ? ask.inputs : [];
  const steps = offers.length + newInputs.length * maxOnNewInputs;
  let done = 0;
  for (const panel of offers) {
    const fits = yield* maxOf(plan, panel);
    kinds.push({ panel, fits });
    if (plan.inputs.length > 0) yield* every(panel, fits, null);
    done += 1;
    yield { share: (0.9 * done) / steps, found: purchases.length === 0 ? null : told() };
  }
  const worthwhile = [...kinds]
    .sort((a, b) => worthOf(b) - worthOf(a))
    .slice(0, maxOnNewInputs)
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
  const first = found.offers.find(({ titles }) => titles.includes("maxEnergy"))?.purchase;
  if (first === undefined) return found;
  const inputs = yield* onEachInput(ask, first, memory);
  yield { share: 0.96, found: { ...found, inputs } };
  return { ...found, inputs, pwm: yield* pwmBesideMppt(ask, kinds, memory) };

  /** What there is to say so far. */
  function told(): Bought {
    const within = purchases.filter(
      ({ money }) => shopping.budget === null || (money !== null && money <= shopping.budget),
    );
    return {
      offers: choose(within, need),
      kinds: kinds.map(({ panel, fits }) => lineOf(panel, fits, within)),
      inputs: [],
      pwm: [],
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
      const price = priceOf(panel, count, input, 0, null, 0);
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
    const { branchPairs } = joiningParts(look.portArrays);
    const ports = look.portArrays.length;
    const money = priceOf(panel, count, input, branchPairs, ports, fusesIn(bought, look.portArrays));
    const moreKwh = look.score - ownedKwh;
    const { pmaxW, weightKg, currency } = panel.sheet;
    const life = assumedLifeYears[panel.sheet.kind];
    return {
      panel,
      count,
      input,
      portArrays: look.portArrays,
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
    fuses: number,
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
      branchPairs * assumedPrices.branchPair +
      fuses * assumedPrices.fuse
    );
  }

  /** How promising a kind is for an input still to be bought: watts for money, or watts where no price is known. */
  function worthOf({ panel: { sheet }, fits }: { panel: PanelOffer; fits: number }): number {
    if (fits === 0) return 0;
    return sheet.price === null ? (sheet.pmaxW ?? 0) / 1e3 : (sheet.pmaxW ?? 0) / Math.max(1, sheet.price);
  }
}

const none = Array.from({ length: 12 }, () => 0);

/** How many branches of some port arrays have to have a fuse. */
function fusesIn(plan: Plan, portArrays: readonly PortArray[]): number {
  const isStrict = isFuseStrict(plan);
  return portArrays.reduce((sum, { strings }) => {
    const branches = branchesOfStrings(strings, (tile) => ratedPanel(plan, tile)) ?? [];
    return sum + branches.filter((branch) => needsFuse(branch, isStrict)).length;
  }, 0);
}

/** Energy needed by month, kWh; null where none is stated. */
function* needOf(
  plan: Plan,
  wiringId: string,
  weather: WeatherYear | null,
  memory: SolveCache,
): Generator<undefined, readonly number[] | null> {
  const bare = { ...plan, wirings: plan.wirings.map((wiring) => ({ ...wiring, portArrays: [] })) };
  const year = planYear({ plan: bare, wiringId, weather, fineness: "quick", memory });
  const { months } = yield* quietly(year);
  const need = months.map(({ needKwh, sourcesKwh }) => Math.max(0, needKwh - sourcesKwh));
  return need.some((kwh) => kwh > 0) ? need : null;
}
