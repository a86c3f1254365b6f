import { type Line } from "../plain";
import { type Fact, factsIn, kindOf } from "./facts";
import { portsOf } from "./ports";
import { type DeviceRead } from "./read-types";
import { segmentsOf } from "./segments";

/** What a text states of one device's PV inputs; null where it states nothing of them. `column`: which one of a table's. */
export function deviceIn(name: string, lines: readonly Line[], column: number | null = null): DeviceRead | null {
  const words = wordsOf(name, lines);
  const kind = kindOf(words);
  const facts = factsIn(segmentsOf(lines, name, column), kind);
  if (!facts.some(({ of }) => of !== "count" && of !== "watts" && of !== "totalA")) return null;
  const conversion = /\bpwm\b/i.test(words) && !/\bmppt\b/i.test(words) ? "pwm" : "mppt";
  return {
    name,
    conversion,
    kind: kind === "station" || kind === null ? "powerStation" : "chargeController",
    ...portsOf(facts),
  };
}

/** What lines state of a device without a name, thing by thing. */
export function deviceFacts(lines: readonly Line[]): Fact[] {
  return factsIn(segmentsOf(lines, "", null), kindOf(wordsOf("", lines)));
}

function wordsOf(name: string, lines: readonly Line[]): string {
  return [name, ...lines.map(({ words }) => words)].join("\n");
}
