import { readLabel } from "@/core/engine/panel";
import { type Plan } from "@/core/plan";
import { type SolveCache } from "@/core/plan-model";
import { type BuyAsk, planBought, tried } from "./bought";
import { type InputOffer, type PanelOffer } from "./options";
import { type InputLine, type Purchase, type PwmLine } from "./purchase";

/** The panels of a purchase on what is owned, and on each input of the library by itself. */
export function* onEachInput(
  ask: BuyAsk,
  { panel, count }: Purchase,
  memory: SolveCache,
): Generator<undefined, readonly InputLine[]> {
  const lines: InputLine[] = [];
  for (const { input, isOwned } of inputsOf(ask)) {
    lines.push({
      name: input.sheet.name,
      isOwned,
      conversion: conversionOf(input),
      price: input.sheet.price,
      currency: input.sheet.currency,
      kwh: yield* aloneOn(ask, panel, count, input, memory),
    });
    yield undefined;
  }
  return lines.sort((a, b) => (b.kwh ?? -1) - (a.kwh ?? -1));
}

/** What is owned and what the library has, each once. */
function inputsOf({ plan, inputs }: BuyAsk): readonly { readonly input: InputOffer; readonly isOwned: boolean }[] {
  const isOwned = ({ id, sheet }: InputOffer) =>
    plan.inputs.some(({ libraryId, device }) => libraryId === id || device.name === sheet.name);
  return [
    ...plan.inputs.map(({ id, device }) => ({ input: { id, sheet: device }, isOwned: true })),
    ...inputs.filter((input) => !isOwned(input)).map((input) => ({ input, isOwned: false })),
  ];
}

function conversionOf({ sheet }: InputOffer): InputLine["conversion"] {
  const kinds = new Set(sheet.ports.map(({ conversion }) => conversion));
  return kinds.size > 1 ? "both" : kinds.has("pwm") ? "pwm" : "mppt";
}

/** What some panels by themselves bring in a year on one input by itself, kWh; null where nothing may be connected. */
function* aloneOn(
  ask: BuyAsk,
  panel: PanelOffer,
  count: number,
  input: InputOffer,
  memory: SolveCache,
): Generator<undefined, number | null> {
  const { plan } = ask;
  const { plan: alone } = planBought({ ...plan, panels: [], inputs: [], positions: bare(plan) }, panel, count, input);
  const look = yield* tried(ask, { ...alone, mounts: [], space: { ...alone.space, places: [] } }, memory);
  return look?.score ?? null;
}

/** Kinds tried on a PWM input, at most. */
const maxOnPwm = 8;

/** Each PWM input with the one or two panels that suit it best, and what MPPT would make of the very same panels. */
export function* pwmBesideMppt(
  ask: BuyAsk,
  kinds: readonly { readonly panel: PanelOffer; readonly fits: number }[],
  memory: SolveCache,
): Generator<undefined, readonly PwmLine[]> {
  const inputs = inputsOf(ask).map(({ input }) => input);
  // volts above what a PWM input takes are lost: those with the fewest are tried
  const suited = kinds
    .filter(({ fits }) => fits > 0)
    .sort((a, b) => vmpOf(a.panel) - vmpOf(b.panel))
    .slice(0, maxOnPwm);
  const lines: PwmLine[] = [];
  for (const pwm of inputs.filter((input) => conversionOf(input) === "pwm")) {
    let best: Pick<PwmLine, "panel" | "count" | "kwh"> | null = null;
    for (const { panel, fits } of suited) {
      const one = yield* aloneOn(ask, panel, 1, pwm, memory);
      if (one === null) continue;
      const two = fits > 1 ? yield* aloneOn(ask, panel, 2, pwm, memory) : null;
      // a second one that can only stand in series, or has to stay out, brings next to nothing
      const [count, kwh] = two !== null && two > 1.5 * one ? [2, two] : [1, one];
      if (best === null || kwh > best.kwh) best = { panel, count, kwh };
    }
    if (best === null) continue;
    let beside: PwmLine["beside"] = null;
    for (const mppt of inputs.filter((input) => conversionOf(input) === "mppt")) {
      const kwh = yield* aloneOn(ask, best.panel, best.count, mppt, memory);
      if (kwh !== null && (beside === null || kwh > beside.kwh)) beside = { input: mppt.sheet.name, kwh };
    }
    lines.push({ input: pwm.sheet.name, ...best, beside });
  }
  return lines;
}

/** Positions of a plan of which no panel is said anything. */
function bare({ positions }: Plan): Plan["positions"] {
  return positions.map((position) => ({ ...position, stands: [] }));
}

/** Operating volts of a panel, stated or assumed; without them it comes last. */
function vmpOf({ sheet }: PanelOffer): number {
  const reading = readLabel(sheet);
  return reading.type === "label" ? reading.label.vmpV : Infinity;
}
