import { type ArrangeAsk } from "./ask";
import { type SolveCache } from "@/core/plan-model";
import { fewHours } from "./few-hours";
import { createMeter, type Meter } from "./meter";
import { createProblem, type Problem } from "./problem";
import { createScale, type Scale } from "./bounds";
import { coarse, fine, surveyAbout } from "./survey";

/** All that is worked out once for a question and then used by its parts; the same wherever it is made. */
export type Bench = {
  readonly problem: Problem;
  readonly meter: Meter;
  /** About what every net is worth, by kind of port: by a few hours. */
  readonly about: () => Generator<undefined, About>;
  /** Scales over all hours, by kind of port. */ readonly scales: () => Generator<undefined, readonly Scale[]>;
};

/** What nets are about worth, Wh, by kind of port, and the scales that say so, with the hours they look at. */
export type About = {
  readonly wh: readonly Float64Array[];
  readonly scales: readonly Scale[];
  readonly hours: readonly number[];
};

/** Hours that stand for all in a first look: for the first answer, and to choose by. */
export const glanceHours = 3;
const chooseHours = 8;

export function createBench(ask: ArrangeAsk, memory: SolveCache): Bench {
  const problem = createProblem(ask, memory);
  const meter = createMeter(problem);
  let about: About | null = null;
  let scales: readonly Scale[] | null = null;
  return {
    problem,
    meter,
    about: function* () {
      if (about !== null) return about;
      const looks = coarse(problem, fewHours(problem, chooseHours));
      const wh: Float64Array[] = [];
      const theirs: Scale[] = [];
      for (const kind of problem.kinds) {
        const scale = yield* createScale(kind, meter, looks);
        theirs.push(scale);
        wh.push(yield* surveyAbout(kind.nets, scale));
      }
      about = { wh, scales: theirs, hours: looks.hours };
      return about;
    },
    scales: function* () {
      if (scales !== null) return scales;
      const made: Scale[] = [];
      for (const kind of problem.kinds) made.push(yield* createScale(kind, meter, fine(problem)));
      scales = made;
      return made;
    },
  };
}

/** Benches of the questions asked last, so that the parts of one question share theirs. */
export function createBenches(memory: SolveCache): (ask: ArrangeAsk) => Bench {
  let last: { readonly ask: ArrangeAsk; readonly bench: Bench } | null = null;
  return (ask) => {
    if (last === null || !isSame(last.ask, ask)) last = { ask, bench: createBench(ask, memory) };
    return last.bench;
  };
}

/** Whether two questions are the same, their plans section by section. */
function isSame(a: ArrangeAsk, b: ArrangeAsk): boolean {
  const sections = Object.keys(b.plan) as (keyof ArrangeAsk["plan"])[];
  return (
    a.wiringId === b.wiringId &&
    a.weather === b.weather &&
    a.withAddOns === b.withAddOns &&
    JSON.stringify(a.goal) === JSON.stringify(b.goal) &&
    sections.every((name) => a.plan[name] === b.plan[name])
  );
}
