import { parseArgs } from "node:util";
import { createSolveCache } from "../src/core/plan-model";
import { drain } from "../src/core/engine/generators";
import { inAll, lossNames, planYear, type PlanYear } from "../src/core/wiring/year";
import { lossWords, monthName, sourceWords } from "../src/messages/en";
import { command, planIn, Refused, weatherIn, wiringIn } from "./plan-file";

/** Prints the months and the losses of a plan's year, without a browser: `harvest -- plan.json [--epw FILE] [--wiring ID]`. */
const { values, positionals } = parseArgs({
  options: { epw: { type: "string" }, wiring: { type: "string" } },
  allowPositionals: true,
});

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

command(() => {
  const [file] = positionals;
  if (file === undefined)
    throw new Refused("no plan given; use: npm run -s harvest -- plan.json [--epw FILE] [--wiring ID]");
  const plan = planIn(file);
  const wiring = wiringIn(plan, values.wiring);
  const weather = values.epw === undefined ? null : weatherIn(values.epw);
  print(drain(planYear({ plan, wiringId: wiring.id, weather, fineness: "full", memory: createSolveCache() })));
});
