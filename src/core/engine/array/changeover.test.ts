import fc from "fast-check";
import {
  allOut,
  changeover,
  joiningParts,
  keyOf,
  lying,
  misplugs,
  tilesOf,
  type PortArray,
  matrixStrings,
  type PvString,
  stringOf,
  newTile,
} from ".";

const portArray = (portId: string, strings: readonly PvString[]): PortArray => ({ inputId: "i", portId, strings });
const said = (from: readonly PortArray[], to: readonly PortArray[], fromPosition = allOut, toPosition = allOut) =>
  changeover(from, to, fromPosition, toPosition).map(
    ({ type, keys, portId }) => `${type} ${keys.join(",")}${portId === null ? "" : ` @${portId}`}`,
  );

test("nothing to do between a wiring and itself", () =>
  expect(said([portArray("a", matrixStrings("p", 2, 2))], [portArray("a", matrixStrings("p", 2, 2))])).toEqual([]));

test("one long string made of two: dark and off first, only the joint that changes, the meter last", () => {
  expect(said([portArray("a", matrixStrings("p", 2, 2))], [portArray("a", matrixStrings("p", 4, 1))])).toEqual([
    "isolate  @a",
    "unplug p.2,p.3 @a",
    "plug p.2,p.3 @a",
    "measure  @a",
  ]);
});

test("to another port: all is unplugged before anything is plugged", () => {
  const from = [portArray("a", [stringOf([newTile("p", 1)])]), portArray("b", [stringOf([newTile("q", 1)])])];
  const to = [portArray("a", [stringOf([newTile("q", 1)])]), portArray("b", [stringOf([newTile("p", 1)])])];
  expect(said(from, to)).toEqual([
    ...["isolate  @a", "isolate  @b", "unplug p.1 @a", "unplug q.1 @b"],
    ...["plug q.1 @a", "plug p.1 @b", "measure  @a", "measure  @b"],
  ]);
});

test("two strings made one for another port: each stays as it is built, only their ends move", () => {
  const three = (first: number) => stringOf([0, 1, 2].map((k) => newTile("p", first + k)));
  const six = stringOf([1, 2, 3, 4, 5, 6].map((piece) => newTile("p", piece)));
  const joints = (type: string) =>
    changeover([portArray("a", [three(1)]), portArray("b", [three(4)])], [portArray("c", [six])], allOut, allOut)
      .filter((step) => step.type === type)
      .flatMap((step) => step.joints.map(({ minusOf, plusOf }) => `${minusOf ?? "port"}>${plusOf ?? "port"}`));
  expect(joints("unplug")).toEqual(["port>p.1", "p.3>port", "port>p.4", "p.6>port"]);
  expect(joints("plug")).toEqual(["port>p.1", "p.3>p.4", "p.6>port"]);
});

test("a panel only stowed keeps its plugs; one from the shelf is plugged in only", () => {
  const [one, stowed] = [
    [portArray("a", matrixStrings("p", 1, 1))],
    new Map([["p.1", { ...lying, stance: "stowed" as const }]]),
  ];
  expect(said(one, one, allOut, stowed)).toEqual(["stow p.1"]);
  expect(said(one, one, stowed, allOut)).toEqual(["setUp p.1"]);
  expect(said([], [portArray("a", matrixStrings("p", 1, 1))])).toEqual(["isolate  @a", "plug p.1 @a", "measure  @a"]);
});

test("steps say which leads part and which join, at a port and between panels, through groups", () => {
  const group = { type: "group" as const, strings: [stringOf([newTile("q", 1)]), stringOf([newTile("q", 2)])] };
  const from = [portArray("a", [stringOf([newTile("p", 1), newTile("p", 2)])])];
  const to = [portArray("a", [stringOf([newTile("p", 1), group])])];
  const leads = changeover(from, to, allOut, allOut)
    .filter(({ joints }) => joints.length > 0)
    .map(
      ({ type, joints }) =>
        `${type} ${joints.map(({ minusOf, plusOf }) => `${minusOf ?? "port"}>${plusOf ?? "port"}`).join(" ")}`,
    );
  // p.1's + stays at the port; its − goes from p.2 to both strings of the group, whose own − go to the port
  expect(leads).toEqual(["unplug p.1>p.2 p.2>port", "plug p.1>q.1 p.1>q.2 q.1>port q.2>port"]);
});

test("what can go wrong on the way: old and new strings in one port at once, and strings at a port they are not meant for", () => {
  const from = [portArray("a", [stringOf([newTile("p", 1)])]), portArray("b", [stringOf([newTile("q", 1)])])];
  const to = [portArray("a", [stringOf([newTile("q", 1)])])];
  const told = misplugs(from, to).map(
    ({ type, portArray: { portId, strings }, meant }) =>
      `${type} @${portId ?? ""} meant for ${meant.portId ?? ""}: ${strings.map((string) => string.items.map((item) => (item.type === "panel" ? item.panelId : "group")).join("-")).join(" | ")}`,
  );
  // q stands at b today, so to leave it there is no misplug; p never did
  expect(told).toEqual(["bothIn @a meant for a: p | q", "unaltered @b meant for a: p"]);
  expect(misplugs(from, from)).toEqual([]);
});

test("joining takes one pair of branch connectors for every string but the first, groups included", () => {
  const group = {
    type: "group" as const,
    strings: [
      stringOf([newTile("q", 1)]),
      stringOf([newTile("q", 2)]),
      { ...stringOf([newTile("q", 3)]), blockingDiode: true },
    ],
  };
  expect(joiningParts([portArray("a", matrixStrings("p", 3, 1))])).toEqual({ branchPairs: 0, blockingDiodes: 0 });
  expect(
    joiningParts([portArray("a", matrixStrings("p", 2, 3)), portArray("b", [stringOf([newTile("r", 1), group])])]),
  ).toEqual({
    branchPairs: 4,
    blockingDiodes: 1,
  });
});

test("whatever two wirings: all is unplugged before anything is plugged, what does not move is not touched, and a misplug uses each panel once", () => {
  const wiring = fc
    .array(
      fc.tuple(
        fc.constantFrom("a", "b", "c"),
        fc.array(fc.array(fc.integer({ min: 1, max: 8 }), { minLength: 1, maxLength: 4 }), {
          minLength: 1,
          maxLength: 3,
        }),
      ),
      { maxLength: 3 },
    )
    .map((portArrays) => {
      const used = new Set<string>();
      // a port feeds one port array, a panel stands once: what comes again is left out
      return portArrays
        .filter(([port], k) => portArrays.findIndex(([other]) => other === port) === k)
        .flatMap(([port, strings]) => {
          const kept = strings
            .map((pieces) => pieces.filter((piece) => !used.has(`${piece}`) && used.add(`${piece}`)))
            .filter((pieces) => pieces.length > 0);
          return kept.length === 0
            ? []
            : [
                portArray(
                  port,
                  kept.map((pieces) => stringOf(pieces.map((piece) => newTile("p", piece)))),
                ),
              ];
        });
    });
  fc.assert(
    fc.property(wiring, wiring, (from, to) => {
      const steps = changeover(from, to, allOut, allOut);
      const kinds = steps.map(({ type }) => type);
      expect(kinds.lastIndexOf("unplug")).toBeLessThan(
        kinds.indexOf("plug") === -1 ? kinds.length : kinds.indexOf("plug"),
      );
      const of = (type: string) => new Set(steps.filter((step) => step.type === type).flatMap(({ keys }) => keys));
      for (const key of of("unplug")) expect(tilesOf(from).map(keyOf)).toContain(key);
      for (const key of tilesOf(to).map(keyOf))
        if (!tilesOf(from).map(keyOf).includes(key)) expect(of("plug").has(key)).toBe(true);
      for (const { portArray: wrong, meant } of misplugs(from, to)) {
        const keys = tilesOf([wrong]).map(keyOf);
        expect(new Set(keys).size).toBe(keys.length);
        expect([...from, ...to].some((each) => each.portId === meant.portId)).toBe(true);
      }
    }),
  );
});
