import { parseArgs } from "node:util";
import { arrange, type Arranged, createBench, type Goal, quickProof } from "../src/core/wiring/best-wirings";
import { type Plan } from "../src/core/plan";
import { createSolveCache } from "../src/core/plan-model";
import { drain } from "../src/core/engine/generators";
import {
  goalWords,
  leftOutSentence,
  madeOf,
  percent,
  scoreWords,
  titleWords,
  verdictWords,
  whySentence,
} from "../src/messages/en";
import { command, planIn, Refused, weatherIn, wiringIn } from "./plan-file";

/** Prints the best wirings of a plan's panels: `find -- plan.json [--epw FILE] [--wiring ID] [--by year|noon|1…12] [--exact] [--add-ons] [--json]`. */
const { values, positionals } = parseArgs({
  options: {
    epw: { type: "string" },
    wiring: { type: "string" },
    by: { type: "string", default: "year" },
    exact: { type: "boolean", default: false },
    "add-ons": { type: "boolean", default: false },
    json: { type: "boolean", default: false },
  },
  allowPositionals: true,
});

function goalIn(by: string): Goal {
  if (by === "year" || by === "noon") return { type: by };
  const month = Number(by);
  if (Number.isInteger(month) && month >= 1 && month <= 12) return { type: "month", month };
  throw new Refused(`--by: "${by}"; allowed: year, noon, or a month from 1 to 12`);
}

function print(plan: Plan, goal: Goal, { offers, points, nets, gapPct, isComplete, leftOut, hours }: Arranged): void {
  const line = (words = "") => process.stdout.write(`${words}\n`);
  const best = offers[0]?.facts;
  const proved = gapPct < 0.05 && isComplete;
  line(
    `${nets} sets of rows gone through by ${hours === 1 ? "bright noon" : `${hours} typical hours`}; ${points.length} wirings in the field`,
  );
  if (!isComplete) line("too many ways for all of them: the more mixed rows were left out");
  else if (best !== undefined)
    line(
      proved
        ? `no other wiring brings more ${goalWords(goal)}`
        : `another may bring ${gapPct.toFixed(1)} % more at most`,
    );
  for (const left of leftOut) line(leftOutSentence(left));
  if (best === undefined) line("no wiring of these panels may be connected to these ports");
  for (const offer of best === undefined ? [] : offers) {
    const { facts, titles, portArrays } = offer;
    line();
    line(`${titles.map((title) => titleWords[title]).join(", ")}: ${scoreWords(facts.score, goal)}`);
    line(`  ${whySentence(offer, best ?? facts, goal, proved)}`);
    for (const { port, strings } of madeOf(plan, portArrays)) line(`  ${port}: ${strings}`);
    line(
      `  room in the cold ${facts.cold === null ? "unknown" : percent(facts.cold.marginPct)}, clipped ${percent(facts.year.clippedPct)}, asleep ${facts.year.asleepMinutes.toFixed(0)} min a day, one part shaded ${percent(facts.shadePct)} of noon, parts about ${facts.money.toFixed(0)}; ${verdictWords[facts.worst]}`,
    );
  }
}

command(() => {
  const [file] = positionals;
  if (file === undefined)
    throw new Refused(
      "no plan given; use: npm run -s find -- plan.json [--epw FILE] [--wiring ID] [--by year|noon|MONTH] [--exact] [--add-ons] [--json]",
    );
  const plan = planIn(file);
  const goal = goalIn(values.by);
  const weather = values.epw === undefined ? null : weatherIn(values.epw);
  const memory = createSolveCache();
  const ask = { plan, wiringId: wiringIn(plan, values.wiring).id, weather, goal, withAddOns: values["add-ons"] };
  const found = drain(arrange(createBench(ask, memory), null, values.exact ? Infinity : quickProof, memory));
  if (values.json) process.stdout.write(`${JSON.stringify(found, null, 1)}\n`);
  else print(plan, goal, found);
});
