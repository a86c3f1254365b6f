import { type Plan } from "@/core/plan";
import { type SolveCache } from "@/core/plan-model";
import { type PortArray, type PvString, type PanelRef } from "@/core/engine/array";
import { portArraysOf } from "./judge";
import { createMeter } from "./meter";
import { mixOf, setsOf } from "./nets";
import { createProblem } from "./problem";
import { createScale } from "./bounds";
import { fine } from "./survey";

/** Sets of strings gone through for a fix, at most: it has to be there while somebody looks. */
export const maxNets = 3000;
/** Sets of strings told that use all the panels, and that leave some of them out. */
const maxTold = { whole: 14, less: 10 } as const;

/**
 * The best ways to put some panels into strings before one port, by watts at noon: with all of them, and with some left out. None of them
 * was judged by the rules, but what cannot be is left out.
 */
export function* bestStrings(
  plan: Plan,
  wiringId: string,
  portArray: Pick<PortArray, "inputId" | "portId">,
  tiles: readonly PanelRef[],
  memory: SolveCache,
): Generator<undefined, readonly (readonly PvString[])[]> {
  const among = { tiles, ports: [portArray], maxNets };
  const ask = { plan, wiringId, weather: null, goal: { type: "noon" }, withAddOns: true, among } as const;
  const problem = createProblem(ask, memory);
  const [kind, port] = [problem.kinds[0], problem.ports[0]];
  if (kind === undefined || port === undefined) return [];
  yield undefined;
  const scale = yield* createScale(kind, createMeter(problem), fine(problem));
  const { nets } = kind;
  const all = setsOf(problem.have) - 1;
  const found = Array.from({ length: nets.count }, (_, net) => ({
    net,
    used: nets.used[net] ?? 0,
    watts: scale.about(net),
  })).sort((a, b) => b.watts - a.watts || a.net - b.net);
  yield undefined;
  const whole = found.filter(({ used }) => used === all).slice(0, maxTold.whole);
  // of each smaller set of panels the best
  const seen = new Set<number>([all]);
  const less = found.filter(({ used }) => !seen.has(used) && seen.add(used)).slice(0, maxTold.less);
  return [...whole, ...less].flatMap(({ net }) =>
    portArraysOf(problem, [{ port, net: mixOf(nets, net) }]).map(({ strings }) => strings),
  );
}
