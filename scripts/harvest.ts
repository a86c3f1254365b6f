import { readFileSync, statSync } from "node:fs";
import { parseArgs } from "node:util";
import { createMemory } from "../src/core/rules";
import { readPlanText } from "../src/core/plan";
import { runToEnd } from "../src/core/steps";
import { mostEpwBytes, readEpw, type WeatherYear } from "../src/core/weather";
import { inAll, lossNames, planYear, type PlanYear } from "../src/core/year";
import { lossWords, monthName, sourceWords } from "../src/words";

/** Prints the months and the losses of a plan's year, without a browser: `harvest -- plan.json [--epw FILE] [--wiring ID]`. */
const { values, positionals } = parseArgs({
  options: { epw: { type: "string" }, wiring: { type: "string" } },
  allowPositionals: true,
});

class Refused extends Error {}

function planIn(file: string) {
  const reading = readPlanText(readText(file, 16_000_000));
  if (reading.type === "plan") return reading.plan;
  const { fault } = reading;
  throw new Refused(`${file}: ${fault.type === "invalid" ? `${fault.path}: ${fault.problem}` : fault.type}`);
}

function weatherIn(file: string): WeatherYear {
  const reading = readEpw(readText(file, mostEpwBytes));
  if (reading.type === "weather") return reading.year;
  throw new Refused(`${file}: line ${reading.line}, ${reading.field}: ${reading.problem}`);
}

function readText(file: string, mostBytes: number): string {
  try {
    const { size } = statSync(file);
    if (size > mostBytes) throw new Refused(`${file}: ${size} bytes; allowed: up to ${mostBytes}`);
    return readFileSync(file, "utf8");
  } catch (error) {
    throw error instanceof Refused
      ? error
      : new Refused(`${file}: ${error instanceof Error ? error.message : "unreadable"}`);
  }
}

function print({ months, source, stores }: PlanYear): void {
  const all = inAll(months);
  const lost = lossNames.filter((name) => Math.abs(all.losses[name]) >= 0.05);
  const line = (cells: readonly string[]) => process.stdout.write(`${cells.join("  ").trimEnd()}\n`);
  const kwh = (value: number) => value.toFixed(1).padStart(7);
  process.stdout.write(`${sourceWords(source)}\n\nkWh\n`);
  line(["month".padEnd(10), "  could", "offered", "  taken", "   used", "   need", "days missed, %"]);
  for (const [k, { couldKwh, offeredKwh, takenKwh, usedKwh, needKwh, missedPct }] of months.entries())
    line([
      monthName(k + 1).padEnd(10),
      ...[couldKwh, offeredKwh, takenKwh, usedKwh, needKwh].map(kwh),
      missedPct === null ? "" : missedPct.toFixed(0).padStart(5),
    ]);
  const needKwh = months.reduce((sum, month) => sum + month.needKwh, 0);
  line(["year".padEnd(10), ...[all.couldKwh, all.offeredKwh, all.takenKwh, all.usedKwh, needKwh].map(kwh)]);
  process.stdout.write("\nlost, kWh and % of what could be had\n");
  for (const name of lost)
    line([
      lossWords[name].name.padEnd(24),
      kwh(all.losses[name]),
      ((100 * all.losses[name]) / Math.max(1e-9, all.couldKwh)).toFixed(1).padStart(6),
    ]);
  for (const { batteryId, longestRun } of stores)
    if (longestRun > 0)
      process.stdout.write(
        `\nlongest run of days without enough${batteryId === null ? "" : ` (${batteryId})`}: ${longestRun}\n`,
      );
}

try {
  const [file] = positionals;
  if (file === undefined)
    throw new Refused("no plan given; use: npm run -s harvest -- plan.json [--epw FILE] [--wiring ID]");
  const plan = planIn(file);
  const wiring = values.wiring === undefined ? plan.wirings[0] : plan.wirings.find(({ id }) => id === values.wiring);
  if (wiring === undefined)
    throw new Refused(`--wiring: no "${values.wiring}"; there are ${plan.wirings.map(({ id }) => id).join(", ")}`);
  const weather = values.epw === undefined ? null : weatherIn(values.epw);
  print(runToEnd(planYear({ plan, wiringId: wiring.id, weather, fineness: "full", memory: createMemory() })));
} catch (error) {
  if (!(error instanceof Refused)) throw error;
  process.stderr.write(`${error.message.replace(/\s+/g, " ")}\n`);
  process.exitCode = 2;
}
