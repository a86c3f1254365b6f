import fc from "fast-check";
import { readdirSync, readFileSync } from "node:fs";
import path from "node:path";
import { answerFindCase, type FindAnswer } from "@/cases";
import { everyWay } from "@/testing";
import { drain } from "@/core/engine/generators";
import { type Arrangement } from "./find";
import { findWirings, type NetMix } from ".";

const folder = path.join(__dirname, "../../../fixtures/find");
type Reference = { readonly case: unknown; readonly answer: Pick<FindAnswer, "best"> };

test.each(readdirSync(folder))(
  "%s: the best are those that were found elsewhere, within 0.1 %% of their watts",
  (file) => {
    const { case: given, answer } = JSON.parse(readFileSync(path.join(folder, file), "utf8")) as Reference;
    const found = answerFindCase(given);
    if (found.type !== "answer") throw new Error(found.problem);
    for (const [k, due] of answer.best.entries()) {
      const made = found.answer.best[k];
      expect(Math.abs((made?.watts ?? 0) / due.watts - 1)).toBeLessThan(0.001);
      expect(made?.panels).toBe(due.panels);
    }
  },
);

/** Made-up watts that any set of strings has, so that every way can be tried by hand: more of a string, odd strings lose. */
function wattsOf(net: NetMix, seed: number, cap: number): number {
  const strings = net.map((string) => string.reduce((sum, n, kind) => sum + n * (7 + ((seed >> kind) % 5)), 0));
  const odd = Math.max(...strings) - Math.min(...strings);
  return Math.min(cap, Math.max(0, strings.reduce((sum, watts) => sum + watts, 0) - odd));
}

test("whatever strings are worth and bear, the best few are those of trying every way", () => {
  const int = (min: number, max: number) => fc.integer({ min, max });
  fc.assert(
    fc.property(
      fc.array(int(0, 2), { minLength: 1, maxLength: 3 }).filter((have) => have.reduce((a, b) => a + b, 0) <= 4),
      int(1, 2),
      int(0, 1000),
      int(10, 60),
      int(1, 3),
      int(1, 4),
      (have, ports, seed, cap, longest, keep) => {
        const bears = (string: readonly number[]) => string.reduce((sum, n) => sum + n, 0) <= longest;
        const takes = (net: NetMix, port: number) => wattsOf(net, seed + 31 * port, cap);
        const found = drain(
          findWirings({
            have,
            keep,
            ports: Array.from({ length: ports }, (_, port) => ({
              bearsString: bears,
              bearsNet: () => true,
              takesW: (net: NetMix) => takes(net, port),
              maxW: () => cap,
              maxOfNetW: (net: NetMix) => takes(net, port) * 1.01,
            })),
          }),
        );
        const all = everyWay(have, ports).flatMap(({ portArrays }) => {
          if (portArrays.some((net) => net.some((string) => !bears(string)))) return [];
          const used = portArrays.map((net, port) => (net.length === 0 ? 0 : takes(net, port)));
          // a port with strings and no watts is the same with fewer panels without them
          if (portArrays.some((net, port) => net.length > 0 && !((used[port] ?? 0) > 0))) return [];
          const panels = portArrays.flat().reduce((sum, string) => sum + string.reduce((a, b) => a + b, 0), 0);
          const watts = used.reduce((sum, each) => sum + each, 0);
          return panels === 0 ? [] : [{ watts, panels, strings: portArrays.flat().length }];
        });
        all.sort((a, b) => b.watts - a.watts || a.panels - b.panels || a.strings - b.strings);
        const told = ({ watts, panels, strings }: Pick<Arrangement, "watts" | "panels" | "strings">) => [
          watts,
          panels,
          strings,
        ];
        expect(found.best.map(told)).toEqual(all.slice(0, keep).map(told));
      },
    ),
    { numRuns: 150 },
  );
});

test("no wiring that is told stands over a port's volts or a label's, by the solved curve in the cold", () => {
  const [file = ""] = readdirSync(folder).filter((name) => name.startsWith("two-unlike"));
  const { case: given } = JSON.parse(readFileSync(path.join(folder, file), "utf8")) as {
    case: Record<string, unknown>;
  };
  const low = answerFindCase({ ...given, site: { recordLowC: -40, recordHighC: 30, rossK: 0.03 }, keep: 40 });
  const mild = answerFindCase({ ...given, site: { recordLowC: 20, recordHighC: 30, rossK: 0.03 }, keep: 40 });
  if (low.type !== "answer" || mild.type !== "answer") throw new Error("both are cases");
  const longest = ({ best }: FindAnswer) =>
    Math.max(
      ...best.flatMap(({ portArrays }) => portArrays.map(({ net }) => JSON.stringify(net).split("panel").length)),
    );
  // the colder it gets the fewer wirings are left
  expect(low.answer.considered).toBeLessThan(mild.answer.considered);
  expect(longest(low.answer)).toBeLessThanOrEqual(longest(mild.answer));
  expect(answerFindCase({ ...given, have: { nobody: 1 } })).toMatchObject({ type: "malformed", path: "$.have.nobody" });
});
