import { demoInputs, demoPanels } from "@/demo";
import { createRandom, type Random, runs, portsPlan, string, tier } from "@/testing";
import { type PortArray } from "../engine/array";
import { judgeMisplugs } from "./misplugs";

const ports = ["low", "high"] as const;
type Strings = readonly (readonly number[])[];
type Drawn = Readonly<Record<(typeof ports)[number], Strings>>;

/** Twelve panels of one kind, some of them in strings of one to three on two ports. */
function drawn(draw: Random): Drawn {
  const pieces = Array.from({ length: 12 }, (_, k) => k + 1).sort(() => draw.number(-1, 1));
  const strings = (): Strings =>
    Array.from({ length: draw.whole(0, 3) }, () => pieces.splice(0, draw.whole(1, 3))).filter(
      ({ length }) => length > 0,
    );
  return { low: strings(), high: strings() };
}
const portArraysOf = (of: Drawn): PortArray[] =>
  ports.flatMap((portId) => {
    const strings = of[portId].map((pieces) => string(...pieces.map((piece): [string, number] => ["a", piece])));
    return strings.length === 0 ? [] : [{ inputId: "i", portId, strings }];
  });

test("old strings and new ones together over the amps of an input are told, as a count of strings has them", () => {
  const { iscA } = demoPanels.rigid195;
  const isc = iscA ?? 0;
  const counts = { due: 0, under: 0 };
  const missed: string[] = [];
  const changes = runs(150);
  for (let seed = 1; seed <= changes; seed++) {
    const draw = createRandom(seed + 700);
    const [from, to] = [drawn(draw), drawn(draw)];
    const limitA = isc * draw.number(1.3, 6);
    const device = {
      ...demoInputs.twoPortStation,
      groups: [],
      ports: demoInputs.twoPortStation.ports.map((port) => ({
        ...port,
        ...{ maxV: 1000, ceilingBasis: "voc" as const, minV: 1, wakeV: 1, wakeMarginV: null, maxW: null },
        currentLimits: [tier(limitA, "neverExceed")],
      })),
    };
    const all = { low: Array.from({ length: 12 }, (_, k) => [k + 1]), high: [] };
    const { low = [] } = Object.fromEntries(portArraysOf(all).map(({ portId, strings }) => [portId, strings]));
    const plan = portsPlan(device, { low });
    const positionIds = plan.positions.map(({ id }) => id);
    const told = judgeMisplugs(
      plan,
      { id: "from", portArrays: portArraysOf(from), positionIds },
      { id: "to", portArrays: portArraysOf(to), positionIds },
    );
    for (const port of ports) {
      const key = (strings: Strings) =>
        strings
          .map((each) => each.length)
          .sort()
          .join("/");
      const now = new Set(to[port].flat());
      // what is left of the old strings when the panels of the new ones are taken from them can still be plugged in
      const left = from[port]
        .map((string) => string.filter((piece) => !now.has(piece)))
        .filter(({ length }) => length > 0);
      const old = new Set(from[port].flat());
      // or all of the old ones, with the new ones that need none of their panels
      const added = to[port].filter((string) => string.every((piece) => !old.has(piece)));
      const together = [
        [left, to[port]],
        [from[port], added],
      ].flatMap(([one = [], other = []]) => (one.length === 0 || other.length === 0 ? [] : [[...one, ...other]]));
      const most = Math.max(0, ...together.map(({ length }) => length));
      // as it was before or will be after is what belongs there
      const belongs = [key(from[port]), key(to[port])];
      if (most === 0 || together.some((strings) => belongs.includes(key(strings)))) continue;
      const isDue = 1.25 * most * isc > limitA;
      counts[isDue ? "due" : "under"]++;
      const isTold = told.some(
        ({ misplug, dangerous, stops }) =>
          dangerous &&
          misplug.portArray.portId === port &&
          misplug.type === "bothIn" &&
          stops.some(({ rule }) => rule === "current"),
      );
      if (isDue !== isTold) missed.push(`change ${seed}, ${port}: ${most} strings, ${limitA} A, told ${isTold}`);
    }
  }
  expect(missed.slice(0, 8)).toEqual([]);
  expect(Math.min(counts.due, counts.under)).toBeGreaterThan(changes / 10);
});
