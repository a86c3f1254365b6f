import { type Place } from "../plain";
import { isRegulator, type Segment } from "./segments";
import { says, subjectOf } from "./subject";
import { type Token, tokensIn } from "./tokens";

/** One thing that a text says of the sun's side of a device. */
export type Fact = {
  /** Which PV input it is of by its name or number; null: of all of them. */ readonly port: string | null;
  readonly words: string;
  readonly place: Place;
} & FactValue;

type FactValue =
  | { readonly of: "range"; readonly fromV: number; readonly toV: number; readonly by: "input" | "tracking" | "amps" }
  | { readonly of: "maxV"; readonly volts: number; readonly batteryV: number | null; readonly isOpenCircuit: boolean }
  | {
      readonly of: "minV" | "trackingMaxV" | "startV" | "startOverBatteryV" | "stayOverBatteryV";
      readonly volts: number;
    }
  | {
      readonly of: "amps";
      readonly amps: number;
      readonly fromV: number | null;
      readonly toV: number | null;
      readonly isNeverExceed: boolean;
    }
  | { readonly of: "totalA"; readonly amps: number }
  | { readonly of: "batteryMaxA"; readonly amps: number; readonly isSure: boolean }
  | {
      readonly of: "watts";
      readonly watts: number;
      readonly batteryV: number | null;
      readonly share: "each" | "total" | null;
    }
  | { readonly of: "count"; readonly count: number };

/** What kind of device it is, as far as that tells whose amps are whose; null: the text does not say. */
export type Kind = "regulator" | "hybrid" | "station" | null;

export function kindOf(words: string): Kind {
  if (/power ?station|powerstation|generator(?!spannung)|power ?bank|station d|estaci[oó]n|\d ?wh\b/i.test(words))
    return "station";
  if (isRegulator.test(words)) return "regulator";
  if (/hybrid|inverter|wechselrichter|all-in-one|onduleur/i.test(words)) return "hybrid";
  return /\b12 ?V? ?\/ ?24 ?V|(?:solar|battery) charger/i.test(words) ? "regulator" : null;
}

const batteries: ReadonlySet<number> = new Set([12, 24, 36, 48]);
const numbers: Readonly<Record<string, number>> = {
  two: 2,
  dual: 2,
  twin: 2,
  double: 2,
  zwei: 2,
  deux: 2,
  dos: 2,
  three: 3,
  drei: 3,
  trois: 3,
  four: 4,
  vier: 4,
};
const inputNouns = "(?:inputs?|eing[aä]ng|trackers?|mppts?|channels?|sockets?|ports?|buchsen|entr)";
/** "2 x …", or a number before a word for inputs. */
const counted = new RegExp(
  `(?:^|[\\s(:])(?:([2-6]) ?x(?= ?\\d|[^;:]{0,40}?(?:${inputNouns}|each|je\\b|pole|solar|pv))|([2-6])(?= [^.;:\\d]{0,24}?${inputNouns})|(two|dual|twin|double|zwei|deux|dos|three|drei|trois|four|vier)\\b(?=[^;:]{0,40}?(?:${inputNouns}|each|je\\b|solar|pv)))`,
  "i",
);
const portName =
  /\b(?:pv|solar|mppt|inputs?|eingang|channel|port|tracker|entr[ée]e)(?: input| eingang)?[ -]?(?:#|no\.? ?|nr\.? ?)?([1-6]|[a-d])\b(?! ?x\b| ?x ?\d|[-/.,]\d)/i;

/** What pieces of a text say of the PV inputs of a device of some kind. */
export function factsIn(segments: readonly Segment[], kind: Kind): Fact[] {
  return segments.flatMap((segment) =>
    segment.subject === "other" || segment.subject === "none" ? [] : factsOf(segment, kind),
  );
}

/** More volts than any input for panels is made for. */
const maxStatedV = 1500;

/** A number of a piece; of a range its token tells both ends. */
type Value = { readonly token: Token; readonly value: number; readonly batteryV: number | null };

function factsOf(segment: Segment, kind: Kind): Fact[] {
  const { label, text, under, tokens, place } = segment;
  const port =
    (portName.exec(label) ??
      portName.exec(text.slice(0, tokens[0]?.at ?? 0)) ??
      portName.exec(under))?.[1]?.toLowerCase() ?? null;
  const words = (label === "" ? text : `${label}: ${text}`).slice(0, 160);
  const fact = (value: FactValue, { at, end }: Pick<Token, "at" | "end">): Fact => ({
    port,
    words,
    place: place(at, end),
    ...value,
  });
  const facts: Fact[] = [];
  const told = counted.exec(text) ?? (label === "" ? null : counted.exec(label));
  const count = told === null ? NaN : (numbers[(told[3] ?? "").toLowerCase()] ?? Number(told[1] ?? told[2]));
  if (segment.subject !== "batteryAmps" && Number.isFinite(count))
    facts.push(fact({ of: "count", count }, { at: 0, end: 0 }));
  const values = byBattery(segment);
  const about = (token: Token) => around(text, tokens, token);
  const batteryAmps = (token: Token) => kind !== "station" && isToBattery(segment, about(token), kind);
  const ofPanels = values.filter(({ token }) => token.kind === "amps" && !batteryAmps(token));
  const ranges = tokens.filter((token) => token.kind === "range");
  const tiers = tiersOf(ranges, ofPanels);
  for (const { token, value, batteryV } of values) {
    const [before, own] = about(token);
    const near = `${before} ${own}`;
    if (token.kind === "range") {
      const [fromV = 0, toV = 0] = token.values;
      if (toV > maxStatedV) continue;
      const by = says.tracking.test(`${label} ${before}`) ? "tracking" : tiers.areByAmps ? "amps" : "input";
      facts.push(fact({ of: "range", fromV, toV, by }, token));
    } else if (token.kind === "watts") {
      if (segment.subject === "batteryAmps") continue;
      const share =
        says.total.test(near) || (label !== "" && says.total.test(label) && !says.each.test(near))
          ? "total"
          : isOfEach(text, token, near)
            ? "each"
            : null;
      facts.push(fact({ of: "watts", watts: value, batteryV, share }, token));
    } else if (token.kind === "amps") {
      if (batteryAmps(token)) facts.push(fact({ of: "batteryMaxA", amps: value, isSure: kind !== null }, token));
      else if (says.total.test(near)) facts.push(fact({ of: "totalA", amps: value }, token));
      else {
        const tier = tiers.of.get(token) ?? { fromV: null, toV: null };
        const isNeverExceed = says.shortCircuit.test(near) || (says.shortCircuit.test(label) && ofPanels.length === 1);
        facts.push(fact({ of: "amps", amps: value, ...tier, isNeverExceed }, token));
      }
    } else {
      const volts = voltsFact(segment, near, value, batteryV);
      if (volts !== null) facts.push(fact(volts, token));
    }
  }
  return facts;
}

/** Words before a number, back to the one before it, and those after it as far as the next comma or number. */
function around(text: string, tokens: readonly Token[], token: Token): readonly [string, string] {
  const k = tokens.indexOf(token);
  const before = text.slice(tokens[k - 1]?.end ?? 0, token.at);
  const after = text.slice(token.end, tokens[k + 1]?.at ?? text.length);
  const own = /^[^,;.]*/.exec(after)?.[0] ?? "";
  // "max 12 A, short circuit 15 A": words after the comma are the next number's
  return [before.replace(/^[^,]*,(?=.*[a-z])/i, ""), own];
}

/** Whether amps go into the battery. A station tells what it takes from panels, a controller what it gives. */
function isToBattery(
  { subject, label, tokens }: Segment,
  [before, own]: readonly [string, string],
  kind: Kind,
): boolean {
  const near = `${before} ${own}`;
  if (/\bpv\b|solar (?:input|array)|panel|isc|short|input|eingang/i.test(near) && subjectOf(near) !== "batteryAmps")
    return false;
  if (subject === "batteryAmps" || subjectOf(near) === "batteryAmps" || /batt|charg|lade/i.test(near)) return true;
  // amps that nothing is said of, beside the name of a controller, are what it is sold by
  return (
    kind === "regulator" &&
    label === "" &&
    !/[a-z]{3}/i.test(near.replace(/max/gi, "")) &&
    !tokens.some(({ kind: each }) => each === "range")
  );
}

/** Each number by itself, with the battery it holds for where the text names one. */
function byBattery({ label, text, tokens }: Segment): Value[] {
  const alternate = tokens.map(({ kind }) => kind).join();
  // "12 V/260 W, 24 V/520 W"
  const arePairs = /^(?:volts,watts,?){2,}$/.test(alternate);
  const isBattery = (token: Token, k: number) => {
    if (token.kind !== "volts" || !token.values.every((each) => batteries.has(each))) return false;
    const [before, after] = [text.slice(0, token.at), text.slice(token.end)];
    const next = tokens[k + 1];
    return (
      (token.values.length > 1 &&
        new Set(token.values).size === token.values.length &&
        !says.openCircuit.test(before)) ||
      opensBattery.test(before) ||
      /^ ?-?(?:batt|system|akku|lead|bank|\)? ?:)/i.test(after) ||
      (arePairs && next?.kind === "watts")
    );
  };
  const named = tokensIn(label).filter(
    (token) => token.kind === "volts" && token.values.every((each) => batteries.has(each)),
  );
  const battery = tokens.map(isBattery);
  const of = new Map<Token, readonly number[]>();
  for (const [k, token] of tokens.entries()) {
    if (battery[k] !== true) continue;
    const isAfter =
      opensBattery.test(text.slice(0, token.at)) ||
      tokens[k + 1] === undefined ||
      (/\/\s*$/.test(text.slice(0, token.at)) && !/^[^\d]*:/.test(text.slice(token.end)));
    const target = isAfter && battery[k - 1] === false ? tokens[k - 1] : tokens[k + 1];
    if (target !== undefined && battery[tokens.indexOf(target)] === false && !of.has(target))
      of.set(target, token.values);
  }
  const labelled = named.length === 1 ? (named[0]?.values ?? []) : [];
  return tokens.flatMap((token, k): Value[] => {
    if (battery[k] === true) return [];
    const told = of.get(token) ?? labelled;
    if (token.kind === "range") return [{ token, value: NaN, batteryV: null }];
    return token.values.map((value, n) => ({
      token,
      value,
      batteryV: told.length === token.values.length ? (told[n] ?? null) : null,
    }));
  });
}
const opensBattery = /(?:\bat|@|\bbei|\bfor|\bwith|\bmit|\bfür|\(|\bà|\ban|\bpour|\bon)\s*(?:an? )?$/i;

type Tier = { readonly fromV: number; readonly toV: number };

/** Which volts each number of amps holds for: those before it, or those after it where amps come first. */
function tiersOf(
  ranges: readonly Token[],
  amps: readonly Value[],
): { readonly of: ReadonlyMap<Token, Tier>; readonly areByAmps: boolean } {
  const of = new Map<Token, Tier>();
  const [firstRange, firstAmps] = [ranges[0], amps[0]];
  if (firstRange === undefined || firstAmps === undefined) return { of, areByAmps: false };
  const areByAmps = firstAmps.token.at < firstRange.at && ranges.length === amps.length;
  for (const [k, { token }] of amps.entries()) {
    const range = areByAmps ? ranges[k] : ranges.findLast((each) => each.at < token.at);
    const [fromV, toV] = range?.values ?? [];
    if (fromV !== undefined && toV !== undefined) of.set(token, { fromV, toV });
  }
  return { of, areByAmps };
}

/** "2 x 500 W" is of each. */
function isOfEach(text: string, token: Token, near: string): boolean {
  return (
    says.each.test(near) || /\b[2-6] ?x ?$/.test(text.slice(0, token.at)) || says.each.test(text.slice(0, token.at))
  );
}

function voltsFact({ label, text }: Segment, near: string, volts: number, batteryV: number | null): FactValue | null {
  if (volts > maxStatedV) return null;
  const all = `${label} ${near}`;
  if (says.overBattery.test(`${label} ${text}`) && volts <= 12)
    return { of: says.stay.test(near) && !says.start.test(near) ? "stayOverBatteryV" : "startOverBatteryV", volts };
  if (says.start.test(all)) return { of: "startV", volts };
  const isOpen = says.openCircuit.test(all);
  if (!isOpen && says.tracking.test(near))
    return says.least.test(near) ? { of: "minV", volts } : says.most.test(all) ? { of: "trackingMaxV", volts } : null;
  if (!isOpen && says.least.test(near) && !says.most.test(near)) return { of: "minV", volts };
  if (!isOpen && says.least.test(label) && !says.most.test(all)) return { of: "minV", volts };
  if (isOpen || says.most.test(all) || /volt|spannung|tension|tensión|\bv(?:dc)?\b|[vu]oc/i.test(label))
    return { of: "maxV", volts, batteryV, isOpenCircuit: isOpen };
  return null;
}
