import fc from "fast-check";
import { changed, demoPlan, runs } from "@/testing";
import { keyOf, stringsOfPortArrays, tilesOf } from "../engine/array";
import { applyChange, type Change, emptyPlan, type ProtectiveDevice, keysIn, type Plan, readPlan, type Cable } from ".";

const built = demoPlan("The Lantern");
/** Before anything was said of its copper. */
const lantern: Plan = {
  ...built,
  wirings: built.wirings.map((wiring) => ({ ...wiring, runs: [], guards: [] })),
  protect: emptyPlan("").protect,
};
const read = (plan: unknown) => readPlan(JSON.parse(JSON.stringify(plan)));
const faultIn = (plan: unknown) => {
  const reading = read(plan);
  if (reading.type === "plan") throw new Error("it was taken");
  return reading.fault;
};

const oldNames: Readonly<Record<string, string>> = {
  portArrays: "lanes",
  strings: "rows",
  stringsGiven: "rowsGiven",
  positionIds: "poseIds",
  bypassed: "joinedPast",
  stringId: "rowId",
};
/** Wirings as they were named before version 4 of their section. */
const withOldNames = (wirings: unknown): unknown =>
  JSON.parse(
    JSON.stringify(wirings)
      .replace(/"(\w+)":/g, (key, name: string) => (name in oldNames ? `"${oldNames[name]}":` : key))
      .replaceAll('"type":"string"', '"type":"row"'),
  );

const plainRun = {
  id: "run-1",
  name: "to the junction",
  lengthMm: null,
  wayId: null,
  where: null,
  how: null,
  circuits: null,
  terminalC: null,
  portable: null,
  size: null,
};

describe("versions of sections", () => {
  test("a newer section is refused by its name, and so is one nobody knows", () => {
    expect(faultIn({ ...lantern, sections: { ...lantern.sections, positions: 3 } })).toEqual({
      type: "newerSection",
      section: "positions",
      version: 3,
      known: 2,
    });
    expect(faultIn({ ...lantern, sections: { ...lantern.sections, kites: 1 } })).toMatchObject({
      type: "newerSection",
      section: "kites",
    });
    expect(faultIn({ ...lantern, sections: { ...lantern.sections, positions: "1" } })).toMatchObject({
      path: "sections.positions",
    });
  });

  test("a plan written before a section was known is read with nothing said in it", () => {
    const { shopping, sections, ...older } = lantern;
    const { shopping: version, ...versions } = sections;
    expect([version, read({ ...older, sections: versions })]).toEqual([1, { type: "plan", plan: lantern }]);
    // but what is there has to say its version
    expect(faultIn({ ...older, shopping, sections: versions })).toMatchObject({ path: "sections.shopping" });
    const { notes, ...without } = lantern;
    const { notes: known, ...others } = lantern.sections;
    expect([known, notes !== undefined, faultIn({ ...without, sections: others })]).toMatchObject([
      2,
      true,
      { path: "sections.notes" },
    ]);
  });

  test.each<[string, unknown, string, RegExp]>([
    ["a position of a panel that is not there", { positions: positioned("roof", 9) }, "positions.0.stands", /number 9/],
    [
      "a wiring in no position of the plan",
      { wirings: [{ ...lantern.wirings[0], positionIds: ["x"] }] },
      "wirings.0.positionIds.0",
      /"x"/,
    ],
    [
      "a piece of a number that was never given",
      { panels: [{ ...lantern.panels[0], given: 3 }] },
      "panels.0.pieces.3.number",
      /3 were ever given/,
    ],
    [
      "a string's id beyond those given",
      { wirings: [{ ...lantern.wirings[0], stringsGiven: 1 }] },
      "wirings.0.stringsGiven",
      /"r2"/,
    ],
    ["a cable to a string that is not there", { wirings: [withRun("r9")] }, "wirings.0.runs.0.to", /nothing/],
    [
      "a place on a roof that is not there",
      { space: { ...lantern.space, places: [placed("loft")] } },
      "space.places.0.surfaceId",
      /"loft"/,
    ],
    [
      "a place in a position that is not there",
      { space: { ...lantern.space, places: [{ ...placed("roof"), inPositions: [lyingIn("sunk")] }] } },
      "space.places.0.inPositions",
      /"sunk"/,
    ],
    [
      "a cable way to a gland that is not there",
      { space: { ...lantern.space, ways: [{ ...lantern.space.ways[0], glandId: "porthole" }] } },
      "space.ways.0.glandId",
      /"porthole"/,
    ],
  ])("%s is refused where it stands", (_, part, path, problem) => {
    const fault = faultIn({ ...lantern, ...(part as object) });
    expect(fault).toMatchObject({ type: "invalid", path });
    expect(fault.type === "invalid" ? fault.problem : "").toMatch(problem);
  });
});

function positioned(panelId: string, piece: number) {
  const [first, ...others] = lantern.positions;
  const stand = { panelId, piece, stance: "stowed", light: [1], tiltDeg: 0, azimuthDeg: null };
  return [{ ...first, stands: [stand] }, ...others];
}
function withRun(stringId: string) {
  const from = { type: "piece", panelId: "roof", piece: 1 };
  return { ...lantern.wirings[0], runs: [{ ...plainRun, from, to: { type: "string" as const, stringId } }] };
}
function lyingIn(positionId: string) {
  return { positionId, xMm: 0, yMm: 0, turnedDeg: 0, gapMm: 100, faceDown: false };
}

function placed(surfaceId: string) {
  return { panelId: "roof", piece: 1, surfaceId, xMm: 0, yMm: 0, turnedDeg: 0, gapMm: 40, inPositions: [] };
}

describe("the copper of a wiring", () => {
  const [first] = lantern.wirings;
  const wiringId = first?.id ?? "";
  const high = { inputId: "station", portId: "high" };
  const fullRun: Cable = {
    ...plainRun,
    from: { type: "junction", ...high },
    to: { type: "isolator", ...high },
    wayId: "back",
    size: "6 mm2",
  };
  const fuse: ProtectiveDevice = {
    id: "fuse-1",
    kind: "fuse",
    at: { type: "string", stringId: "r1" },
    ratedA: 15,
    ratedV: 600,
    breaksA: null,
  };
  const whole = changed(
    lantern,
    { type: "setRun", wiringId, run: fullRun },
    { type: "setGuard", wiringId, guard: fuse },
    { type: "setPortEnd", end: { ...high, kindId: "modular", reversed: false, chain: null } },
    { type: "setPanelEnd", end: { panelId: "roof", kindId: "latch", turned: null } },
  );
  const copper = (plan: Plan) => plan.wirings.find(({ id }) => id === wiringId);

  test("is one for each place: what is said of it again takes its place and keeps its name", () => {
    const again = changed(
      whole,
      { type: "setRun", wiringId, run: { ...fullRun, id: "other", size: "10 mm2" } },
      { type: "setGuard", wiringId, guard: { ...fuse, id: "other", kind: "breaker" } },
    );
    expect([copper(again)?.runs, copper(again)?.guards]).toMatchObject([
      [{ id: "run-1", size: "10 mm2" }],
      [{ id: "fuse-1", kind: "breaker" }],
    ]);
    expect(read(again)).toEqual({ type: "plan", plan: again });
  });

  test("goes with what it names, and a cable stays without its way", () => {
    const left = changed(whole, { type: "removeFromSpace", list: "ways", id: "back" });
    expect(copper(left)?.runs).toMatchObject([{ wayId: null }]);
    const gone = changed(whole, { type: "removePort", inputId: "station", portId: "high" });
    expect([copper(gone)?.runs, copper(gone)?.guards, gone.protect.portEnds]).toEqual([[], [], []]);
    const none = changed(whole, { type: "removePanel", panelId: "roof" });
    expect([copper(none)?.guards, none.protect.panelEnds]).toEqual([[], []]);
    expect([read(left).type, read(gone).type, read(none).type]).toEqual(["plan", "plan", "plan"]);
  });

  test("of the first version is read: a junction of a name is a point", () => {
    const run = {
      id: "run-1",
      name: "down",
      from: { type: "junction", name: "box" },
      to: { type: "string", stringId: "r1" },
    };
    const wirings = lantern.wirings.map(({ guards, ...old }, k) => ({ ...old, runs: k === 0 ? [run] : guards }));
    const older = withOldNames(wirings);
    const reading = read({ ...lantern, wirings: older, sections: { ...lantern.sections, wirings: 1 } });
    expect(reading.type === "plan" ? copper(reading.plan)?.runs : reading).toEqual([
      { ...plainRun, name: "down", from: { type: "point", name: "box" }, to: { type: "string", stringId: "r1" } },
    ]);
  });
});

test("a panel's number and a string's id, once given, stay with it and come to no other, whatever is done", () => {
  const anyChange: fc.Arbitrary<Change> = fc.oneof(
    fc.record({
      type: fc.constant("setCount" as const),
      panelId: fc.constantFrom("roof", "bookbay"),
      count: fc.integer({ min: 1, max: 6 }),
    }),
    fc.record({
      type: fc.constant("fillPortArray" as const),
      wiringId: fc.constant("everyday"),
      inputId: fc.constant("station"),
      portId: fc.constantFrom("low", "high"),
      panelId: fc.constantFrom("roof", "bookbay"),
      series: fc.integer({ min: 1, max: 3 }),
      strings: fc.integer({ min: 1, max: 3 }),
      more: fc.constant(9),
    }),
    fc.record({
      type: fc.constant("removePort" as const),
      inputId: fc.constant("station"),
      portId: fc.constant("low"),
    }),
  );
  fc.assert(
    fc.property(fc.array(anyChange, { maxLength: 12 }), (changes) => {
      let plan = lantern;
      const gone = new Set<string>();
      const stringsGone = new Set<string>();
      for (const change of changes) {
        const before = { keys: keysIn(plan), strings: stringIds(plan) };
        plan = applyChange(plan, change);
        const [keys, strings] = [keysIn(plan), stringIds(plan)];
        for (const key of before.keys) if (!keys.has(key)) gone.add(key);
        for (const id of before.strings) if (!strings.has(id)) stringsGone.add(id);
        for (const key of keys) expect(gone.has(key)).toBe(false);
        for (const id of strings) expect(stringsGone.has(id)).toBe(false);
        const reading = read(plan);
        expect(reading.type === "fault" ? reading.fault : null).toBeNull();
      }
    }),
    { numRuns: runs(40) },
  );
});

function stringIds(plan: Plan): Set<string> {
  return new Set(stringsOfPortArrays(plan.wirings[0]?.portArrays ?? []).map(({ id }) => id ?? ""));
}

test("a plan whose sections are of their first version is the same plan today", () => {
  const { need, site, mounts, positions } = lantern;
  const without = (value: object, ...names: readonly string[]) =>
    Object.fromEntries(Object.entries(value).filter(([name]) => !names.includes(name)));
  const named = (list: readonly { readonly id: string; readonly name: string }[]) =>
    list.map(({ id, name }) => ({ id, name }));
  const older = {
    ...lantern,
    sections: Object.fromEntries(Object.keys(lantern.sections).map((section) => [section, 1])),
    site: without(site, "weather", "horizon", "losses"),
    need: { loads: named(need.loads), batteries: named(need.batteries), sources: named(need.sources) },
    space: { surfaces: [], obstacles: [], places: [] },
    wirings: withOldNames(lantern.wirings),
    mounts: mounts.map((mount) => without(mount, "azimuthFrom", "turning")),
    positions: positions.map((position) => without(position, "hours")),
  };
  const reading = read(older);
  if (reading.type === "fault") throw new Error(JSON.stringify(reading.fault));
  expect(reading.plan).toMatchObject({
    panels: lantern.panels,
    wirings: lantern.wirings,
    site: { ...site, horizon: [], weather: null },
    positions: positions.map((position) => ({ ...position, hours: null })),
    need: { by: "list", loads: named(need.loads), batteries: named(need.batteries) },
  });
});

describe("positions", () => {
  const position = (plan: Plan, id: string) => plan.positions.find((each) => each.id === id);

  test("a new position is like another until something stands otherwise in it; the other stays as it was", () => {
    const added = changed(
      lantern,
      { type: "addPosition", id: "winter", name: "Winter", like: "underway", wiringId: "everyday" },
      { type: "setStands", positionId: "winter", keys: ["roof.1", "nowhere.7"], patch: { tiltDeg: 30 } },
    );
    expect(added.wirings[0]?.positionIds).toEqual(["parked", "underway", "winter"]);
    expect(position(added, "winter")?.stands.map((stand) => keyOf(stand))).toEqual([
      "bookbay.1",
      "bookbay.2",
      "roof.1",
    ]);
    expect(position(added, "underway")).toEqual(position(lantern, "underway"));
  });

  test("one that no wiring is used in goes; a wiring is always used in one", () => {
    const without = changed(lantern, {
      type: "usePosition",
      wiringId: "everyday",
      positionId: "underway",
      used: false,
    });
    expect(without.positions.map(({ id }) => id)).toEqual(["parked"]);
    const none = changed(without, { type: "usePosition", wiringId: "everyday", positionId: "parked", used: false });
    expect(none.wirings[0]?.positionIds).toEqual(["parked"]);
  });

  test("panels laid flat again need not be named; panels that go take what is said of them along", () => {
    const flat = changed(lantern, {
      type: "setStands",
      positionId: "underway",
      keys: ["bookbay.1"],
      patch: { stance: "out" },
    });
    expect(position(flat, "underway")?.stands.map(({ piece }) => piece)).toEqual([2]);
    const fewer = changed(lantern, { type: "removePanel", panelId: "bookbay" });
    expect(position(fewer, "underway")?.stands).toEqual([]);
    expect(tilesOf(fewer.wirings[0]?.portArrays ?? []).some(({ panelId }) => panelId === "bookbay")).toBe(false);
  });
});

test("an empty plan has every section, and each of them its version", () => {
  const plan = emptyPlan("New");
  expect(Object.keys(plan.sections)).toEqual(
    expect.arrayContaining([
      "site",
      "need",
      "panels",
      "inputs",
      "space",
      "mounts",
      "positions",
      "wirings",
      "standards",
      "notes",
    ]),
  );
  expect(read(plan)).toEqual({ type: "plan", plan });
});
