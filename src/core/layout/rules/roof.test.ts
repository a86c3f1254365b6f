import { changed, demoPlan } from "@/testing";
import { findFixes } from "../../wiring/best-wirings";
import { type Change, type Plan } from "../../plan";
import { drain } from "../../engine/generators";
import { assess, type Finding, judgeRoof } from "../../assessment";
import { solvableById } from "../../plan-model";

const lantern = demoPlan("The Lantern");
const position = "parked";
const wired = lantern.wirings[0]?.portArrays ?? [];
const move = (piece: number, patch: Extract<Change, { type: "patchPlaces" }>["patch"]): Change => ({
  type: "patchPlaces",
  refs: [{ panelId: "roof", piece }],
  positionId: null,
  patch,
});
const surface = (patch: Partial<Plan["space"]["surfaces"][number]>): Change => ({
  type: "patchInSpace",
  list: "surfaces",
  id: "roof",
  patch,
});
const found = (plan: Plan, rule: string, positionId = position) =>
  judgeRoof(plan, wired, positionId).filter((each) => each.rule === rule);
const faults = (plan: Plan, positionId = position) =>
  found(plan, "layout", positionId).flatMap(({ reason }) => (reason.type === "layout" ? [reason.fault.type] : []));

test("the demo roof is as it should be, and every finding of it stands in the ledger of the wiring", () => {
  expect(faults(lantern)).toEqual([]);
  const ledger = assess(changed(lantern, move(2, { xMm: 800 })), "everyday");
  const rules = ledger.type === "assessed" ? ledger.findings.filter(({ step }) => step === "layout") : [];
  expect(rules.map(({ rule, level }) => [rule, level])).toEqual(
    expect.arrayContaining([
      ["layout", "care"],
      ["roofLoad", "good"],
      ["clearHeight", "good"],
      ["leads", "note"],
    ]),
  );
});

test("ribs and a bulge are judged against how high a panel lies; one that bends follows the bulge", () => {
  const ribs = { run: "along" as const, firstMm: 100, apartMm: 300, widthMm: 30, heightMm: 25 };
  expect(faults(changed(lantern, surface({ ribs })))).toEqual([]);
  const low = changed(lantern, surface({ ribs }), move(1, { gapMm: 20 }));
  expect(faults(low)).toEqual(["onRib"]);
  // between the ribs it lies free of them
  const between = { ...ribs, firstMm: 50, apartMm: 900 };
  expect(faults(changed(low, surface({ ribs: between })))).toEqual([]);
  // 670 mm wide on 2300 mm: of a bulge of 250 mm it has (670/2300)² = 21.2 mm under it
  expect(faults(changed(lantern, surface({ camberMm: 250 }), move(1, { gapMm: 21 })))).toEqual(["onCamber"]);
  expect(faults(changed(lantern, surface({ camberMm: 250 }), move(1, { gapMm: 22 })))).toEqual([]);
  const bends = changed(lantern, { type: "setLabel", panelId: "roof", patch: { kind: "flexible" } });
  expect(faults(changed(bends, surface({ camberMm: 250 }), move(1, { gapMm: 0 })))).toEqual([]);
});

test("behind the legs of a panel that is tilted in some position there must be room for a hand, in every position", () => {
  const tilted = (azimuthDeg: number): Change => ({
    type: "setStands",
    positionId: "underway",
    keys: ["roof.2"],
    patch: { tiltDeg: 30, azimuthDeg },
  });
  // the front points to 240°: tilted to the right (330°), its left edge is lifted, 230 mm beside panel 1
  expect(faults(changed(lantern, tilted(330)))).toEqual([]);
  const near = changed(lantern, tilted(330), move(1, { xMm: 640 }));
  const [finding] = found(near, "layout");
  expect(finding).toMatchObject({
    value: { value: expect.closeTo(90, 6) as unknown, unit: "mm" },
    limit: { value: 120, unit: "mm" },
  });
});

test("panels heavier than the roof bears are a Stop, and what no label says is taken and told", () => {
  const heavy = changed(lantern, surface({ loadKg: 30 }));
  expect(found(heavy, "roofLoad")).toMatchObject([{ level: "stop", subject: { type: "surface", surfaceId: "roof" } }]);
  const ledger = assess(heavy, "everyday");
  expect(ledger.type === "assessed" && ledger.worst).toBe("stop");
  const silent = changed(lantern, { type: "setLabel", panelId: "roof", patch: { weightKg: null } });
  const [finding] = found(silent, "roofLoad");
  // four of 1480 × 670 mm at 12 kg/m²
  expect(finding?.reason).toMatchObject({ assumedKg: expect.closeTo(4 * 1.48 * 0.67 * 12, 1) as unknown });
  expect(found(changed(lantern, surface({ loadKg: null })), "roofLoad")).toEqual([]);
});

test("the highest edge of a position is held against the lowest bridge: a panel tilted up at the mooring does not pass it", () => {
  const low: Change = { type: "setSpace", patch: { clearHeightMm: 3500 } };
  const tilted: Change = {
    type: "setStands",
    positionId: "parked",
    keys: ["roof.1"],
    patch: { tiltDeg: 60, azimuthDeg: 150 },
  };
  // the edge at 2900 mm, the gap of 40, the raised edge of a panel 670 wide at 60°, its frame of 40, and of the
  // roof's 20 mm of camber what is left 165 mm from its middle line: 2900 + 40 + 580 + 40 + 17; over the bridge by 77
  const [parked, underway] = ["parked", "underway"].map(
    (positionId) => found(changed(lantern, low, tilted), "clearHeight", positionId)[0],
  );
  expect(parked).toMatchObject({ level: "stop", reason: { heightMm: expect.closeTo(3577, 0) as unknown } });
  expect(underway).toMatchObject({
    level: "good",
    reason: { highestName: "Cupola", heightMm: expect.closeTo(3400, 0) as unknown },
  });
  const ledger = assess(changed(lantern, low, tilted), "everyday");
  const told = ledger.type === "assessed" ? ledger.findings.find(({ rule }) => rule === "clearHeight") : undefined;
  expect(told?.position).toEqual({ type: "in", name: "Parked" });
});

test("a hole through what lies under the skin is told, one that is there already is not", () => {
  const hidden = { id: "beam", name: "Roof beam", surfaceId: "roof", kind: "hidden" as const };
  const outline = [
    { xMm: 900, yMm: 0 },
    { xMm: 1000, yMm: 0 },
    { xMm: 1000, yMm: 6400 },
    { xMm: 900, yMm: 6400 },
  ];
  const beamed = changed(lantern, { type: "putInSpace", list: "zones", item: { ...hidden, outline } });
  expect(faults(beamed)).toEqual([]);
  const fresh: Change = { type: "patchInSpace", list: "glands", id: "vent", patch: { existing: false } };
  expect(faults(changed(beamed, fresh))).toEqual(["drill"]);
});

test("every fix of a layout takes away what it is for and makes nothing else wrong", () => {
  const wrong = [
    move(2, { xMm: 800 }),
    move(1, { xMm: 200 }),
    move(3, { xMm: 1500, yMm: 3250 }),
    move(4, { xMm: 1900 }),
  ].map((change) => changed(lantern, change));
  for (const plan of [
    ...wrong,
    changed(lantern, surface({ ribs: { run: "across", firstMm: 0, apartMm: 400, widthMm: 40, heightMm: 60 } })),
  ]) {
    const ready = solvableById(plan, "everyday");
    const remedies = drain(findFixes(ready));
    const failing = found(plan, "layout");
    expect(failing.length).toBeGreaterThan(0);
    for (const finding of failing) {
      const fixes: Finding["fixes"] = remedies.get(finding.id)?.fixes ?? [];
      expect(fixes.length).toBeGreaterThan(0);
      for (const fix of fixes) {
        const after = found(changed(plan, ...fix.changes), "layout").map(({ id }) => id);
        expect(after).not.toContain(finding.id);
        expect(after.every((id) => failing.some((before) => before.id === id))).toBe(true);
      }
    }
  }
});

test("a panel slid over another in a position lies there in that position only, and throws its shadow on it", () => {
  const over = changed(lantern, {
    type: "placeInPosition",
    ref: { panelId: "roof", piece: 2 },
    positionId: "underway",
    at: { xMm: 500, yMm: 830, turnedDeg: 0, gapMm: 110, faceDown: false },
  });
  // higher by more than a frame: no overlap
  expect([faults(over, "parked"), faults(over, "underway")]).toEqual([[], []]);
  const flat: Change = { ...move(2, { gapMm: 50 }), positionId: "underway" } as Change;
  expect(faults(changed(over, flat), "underway")).toEqual(["overlap"]);
  // a position no wiring is used in takes its places along
  const gone = lantern.wirings.reduce(
    (plan, { id }) => changed(plan, { type: "usePosition", wiringId: id, positionId: "underway", used: false }),
    over,
  );
  expect(gone.space.places.flatMap(({ inPositions }) => inPositions)).toEqual([]);
});

test("the sky of now counts the shadows of the roof; what limits are judged by does not, as a shadow may go", () => {
  const evening = {
    sky: "now" as const,
    moment: { atMs: Date.UTC(2026, 8, 21, 16, 30), longitudeDeg: -4.4 },
    positionId: null,
  };
  const taken = (plan: Plan) => {
    const judged = assess(plan, "everyday", evening);
    if (judged.type !== "assessed") throw new Error("the Lantern can be judged");
    return judged.takenW;
  };
  const bare = changed(lantern, { type: "removeFromSpace", list: "obstacles", id: "cupola" });
  expect(taken(lantern).now).toBeLessThan(0.9 * taken(bare).now);
  expect(taken(lantern).brightNoon).toBe(taken(bare).brightNoon);
  expect(taken(lantern).hotRoof).toBe(taken(bare).hotRoof);
});
