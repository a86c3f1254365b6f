import { createSimulatedBench, parseAnswer } from "@/simulator";
import { type BenchCase, type Repair, type Verdict } from "./case";

export type Said = { readonly answer: string; readonly verdict: Verdict | null };
export type BenchPlay = {
  /** A line to the devices: dial, leads, plug, a reading. */ readonly say: (line: string) => Said;
  /** Fixes something. Before anything was read: null, as nobody can know. */
  readonly fix: (repair: Repair, n: number | null) => Verdict | null;
  readonly isPlugged: () => boolean;
  readonly hasRead: () => boolean;
};

/** A bench with something wrong: what is read of it, and what comes of what is done to it. */
export function playBench(given: BenchCase): BenchPlay {
  const bench = createSimulatedBench(given.setup);
  let isPlugged = given.startsPlugged;
  let hasRead = false;
  if (isPlugged) for (const line of ["PLUG in", "WAIT 60"]) bench.say(line);
  return {
    say: (line) => {
      if (line === "PLUG in" && given.neverPlug)
        return { answer: "OVER", verdict: { type: "failed", by: { type: "plugged" } } };
      const answer = bench.say(line);
      if (line === "PLUG in") isPlugged = true;
      if (line === "PLUG out") isPlugged = false;
      hasRead ||= line.startsWith("READ") && !["fault", "ok"].includes(parseAnswer(answer).type);
      return { answer, verdict: null };
    },
    fix: (did, n) => {
      if (!hasRead) return null;
      const [right] = given.right;
      if (right === undefined) throw new Error("a drill has a way out");
      const isRight = given.right.includes(did) && (given.n === null || n === null || n === given.n);
      return isRight
        ? { type: "solved", by: { type: "fixed", repair: did } }
        : { type: "failed", by: { type: "repair", did, n, right } };
    },
    isPlugged: () => isPlugged,
    hasRead: () => hasRead,
  };
}
