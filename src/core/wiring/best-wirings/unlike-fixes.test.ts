import { assess } from "@/core/assessment";
import { type PvString, newTile, stringOf } from "@/core/engine/array";
import { changed, everyWay, mixedPlan, string } from "@/testing";
import { allFixes } from ".";

/** Panels of a port array, by kind, in the kinds of `mixedPlan`. */
const portArrays: readonly {
  readonly name: string;
  readonly strings: readonly PvString[];
  readonly have: Readonly<Record<string, number>>;
}[] = [
  {
    name: "five of two kinds in one row, over the ceiling",
    strings: [string(["a", 1], ["a", 2], ["a", 3], ["b", 1], ["b", 2], ["c", 1])],
    have: { a: 3, b: 2, c: 1 },
  },
  {
    name: "a row too long beside one that is not",
    strings: [string(["a", 1], ["a", 2], ["c", 1], ["c", 2], ["c", 3]), string(["b", 1])],
    have: { a: 2, b: 1, c: 3 },
  },
];

test.each(portArrays)(
  "$name: the first fix is the best of all ways on that port, none thrown away for nothing",
  ({ strings, have }) => {
    const plan = mixedPlan(strings);
    const stops = (of: typeof plan) => {
      const assessment = assess(of, "wiring-1");
      if (assessment.type !== "assessed") throw new Error("it can be judged");
      return {
        count: assessment.findings.filter(({ level }) => level === "stop").length,
        watts: assessment.takenW.brightNoon,
      };
    };
    expect(stops(plan).count).toBeGreaterThan(0);
    const kinds = Object.keys(have);
    let most = 0;
    for (const { portArrays: ways } of everyWay(Object.values(have), 1)) {
      const next = kinds.map(() => 0);
      const wired = (ways[0] ?? []).map((mix) =>
        stringOf(
          mix.flatMap((n, kind) =>
            Array.from({ length: n }, () => newTile(kinds[kind] ?? "", (next[kind] = (next[kind] ?? 0) + 1))),
          ),
        ),
      );
      if (wired.length === 0) continue;
      const portArray = { inputId: "i", portId: "high", strings: wired };
      const { count, watts } = stops(
        changed(plan, { type: "rewire", wiringId: "wiring-1", portArrays: [portArray], counts: {} }),
      );
      if (count === 0) most = Math.max(most, watts);
    }
    const remedies = [...allFixes(plan, "wiring-1")].filter(([id]) => id.startsWith("coldVoc"));
    expect(remedies.length).toBe(1);
    const best = remedies[0]?.[1].fixes[0];
    expect(best?.leaves).toEqual([]);
    const owned = remedies[0]?.[1].fixes.find(({ cost }) => cost.bought === 0);
    expect(owned?.noonW ?? 0).toBeGreaterThanOrEqual(0.99 * most);
    expect(stops(changed(plan, ...(owned?.changes ?? []))).count).toBe(0);
  },
);
