import { readFileSync, statSync } from "node:fs";
import { type Plan, readPlanText } from "../src/core/plan";
import { maxEpwBytes, readEpw, type WeatherYear } from "../src/core/engine/weather";

/** What a command cannot do, in a sentence for the one who asked. */
export class Refused extends Error {}

/** A plan from its file; of an unreadable one the field and the fault. */
export function planIn(file: string): Plan {
  const reading = readPlanText(readText(file, 16_000_000));
  if (reading.type === "plan") return reading.plan;
  const { fault } = reading;
  throw new Refused(`${file}: ${fault.type === "invalid" ? `${fault.path}: ${fault.problem}` : fault.type}`);
}

/** One of a plan's wirings: the first unless another is named. */
export function wiringIn(plan: Plan, id: string | undefined): Plan["wirings"][number] {
  const found = id === undefined ? plan.wirings[0] : plan.wirings.find((wiring) => wiring.id === id);
  if (found === undefined)
    throw new Refused(`--wiring: no "${id}"; there are ${plan.wirings.map((wiring) => wiring.id).join(", ")}`);
  return found;
}

export function weatherIn(file: string): WeatherYear {
  const reading = readEpw(readText(file, maxEpwBytes));
  if (reading.type === "weather") return reading.year;
  throw new Refused(`${file}: line ${reading.line}, ${reading.field}: ${reading.problem}`);
}

function readText(file: string, maxBytes: number): string {
  try {
    const { size } = statSync(file);
    if (size > maxBytes) throw new Refused(`${file}: ${size} bytes; allowed: up to ${maxBytes}`);
    return readFileSync(file, "utf8");
  } catch (error) {
    throw error instanceof Refused
      ? error
      : new Refused(`${file}: ${error instanceof Error ? error.message : "unreadable"}`);
  }
}

/** Does what a command is for; what it refuses is said in a line, and ends with status 2. */
export function command(work: () => void): void {
  try {
    work();
  } catch (error) {
    if (!(error instanceof Refused)) throw error;
    process.stderr.write(`${error.message.replace(/\s+/g, " ")}\n`);
    process.exitCode = 2;
  }
}
