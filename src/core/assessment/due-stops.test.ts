import { type TierNature } from "../engine/pv-input";
import { type Plan } from "../plan";
import { runs, type DueRule, dueStops, randomPlan } from "@/testing";
import { assess } from "./assess";
import { type Finding } from "./finding";

/** The rules that speak of a due Stop. */
const speaking: Readonly<Record<DueRule, readonly string[]>> = {
  ceiling: ["coldVoc"],
  insulation: ["systemVoltage"],
  amps: ["current"],
  watts: ["watts"],
  shared: ["shared"],
  reverse: ["reverse", "mismatch", "mixedStates"],
  fuse: ["fuses"],
};

const placeOf = ({ subject }: Finding) =>
  subject.type === "portArray"
    ? `${subject.inputId}/${subject.portId}`
    : subject.type === "group"
      ? `${subject.inputId}/${subject.groupId}`
      : subject.type;

test("no Stop that is due is missed, and none is told that is not due, in random plans worked out by other sums", () => {
  const counts = new Map<string, number>();
  const count = (what: string) => counts.set(what, (counts.get(what) ?? 0) + 1);
  const wrong: string[] = [];
  const first = Number(process.env["GOLDEN_ARRAY_SEED"] ?? 1);
  for (let seed = first; seed < first + runs(16); seed++) {
    const plan = randomPlan(seed);
    const assessment = assess(plan, "wiring-1");
    const stops = assessment.type === "assessed" ? assessment.findings.filter(({ level }) => level === "stop") : [];
    for (const { rule, place, due, value, limit } of dueStops(plan)) {
      const told = stops.some((stop) => speaking[rule].includes(stop.rule) && placeOf(stop) === place);
      if (due === "doubt") continue;
      count(`${rule} ${due}`);
      if (told === (due === "due")) continue;
      count(`${rule} ${due} WRONG`);
      wrong.push(`plan ${seed}: ${rule} at ${place} is ${due} (${value.toFixed(2)} against ${limit}), told: ${told}`);
    }
  }
  if (process.env["GOLDEN_ARRAY_COUNTS"] !== undefined)
    process.stdout.write(
      [...counts]
        .sort()
        .map(([what, n]) => `${what}: ${n}\n`)
        .join(""),
    );
  expect(wrong.slice(0, 12)).toEqual([]);
  // sums that always doubt, and plans in which nothing is due, would find nothing wrong either; a shared limit is due in the soak
  const often = Object.keys(speaking).filter((rule) => rule !== "shared" || runs(1) > 1);
  expect(
    often.filter((rule) => (counts.get(`${rule} due`) ?? 0) === 0 || (counts.get(`${rule} not`) ?? 0) === 0),
  ).toEqual([]);
});

test("a limit of amps whose kind nobody has said never passes where it would be a Stop if absolute, and asks nowhere else", () => {
  let asked = 0;
  for (let seed = 1; seed <= runs(60); seed++) {
    const plan = randomPlan(seed);
    const [{ id: wiringId } = { id: "" }] = plan.wirings;
    const levelsOf = (nature: TierNature) => {
      const verdict = assess(withNature(plan, nature), wiringId);
      if (verdict.type !== "assessed") return new Map<string, Finding>();
      return new Map(verdict.findings.filter(({ rule }) => rule === "current").map((found) => [found.id, found]));
    };
    const [unknown, absolute, drawn] = [levelsOf("unknown"), levelsOf("neverExceed"), levelsOf("drawsUpTo")];
    for (const [id, { level, reason }] of unknown) {
      const isDue = absolute.get(id)?.level === "stop";
      if (reason.type === "natureAsked") asked += 1;
      expect([seed, id, level]).toEqual([seed, id, isDue ? "open" : drawn.get(id)?.level]);
    }
  }
  expect(asked).toBeGreaterThan(5);
});

function withNature(plan: Plan, nature: TierNature): Plan {
  const inputs = plan.inputs.map((input) => ({
    ...input,
    device: {
      ...input.device,
      ports: input.device.ports.map((port) => ({
        ...port,
        currentLimits: port.currentLimits.map((each) => ({ ...each, nature })),
      })),
    },
  }));
  return { ...plan, inputs };
}
