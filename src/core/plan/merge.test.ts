import fc from "fast-check";
import { demoPlan, changed } from "@/testing";
import { type Change, mergePlans, diffParts, type Plan, defaultSide } from ".";

const base = demoPlan("The Lantern");
const after = (...changes: readonly Change[]) => changed(base, ...changes);
const planOf = (reading: ReturnType<typeof mergePlans>): Plan => {
  if (reading.type !== "plan") throw new Error(JSON.stringify(reading.fault));
  return reading.plan;
};

const anyChange: fc.Arbitrary<Change> = fc.oneof(
  fc.constantFrom("Mine", "Other").map((name): Change => ({ type: "rename", name })),
  fc.integer({ min: -30, max: 10 }).map((recordLowC): Change => ({ type: "setSite", patch: { recordLowC } })),
  fc
    .double({ min: 20, max: 40, noNaN: true })
    .map((vocV): Change => ({ type: "setLabel", panelId: "roof", patch: { vocV } })),
  fc
    .constantFrom("roof.1", "bookbay.2")
    .map((key): Change => ({ type: "setStands", positionId: "parked", keys: [key], patch: { stance: "stowed" } })),
  fc.constantFrom("need" as const, "log" as const).map((step): Change => ({ type: "setNote", step, text: "changed" })),
  fc.uuid().map((id): Change => ({ type: "copyWiring", wiringId: "everyday", id, name: "Fresh" })),
);

test("all from one side is that side; and where each changed other parts, the usual choice keeps both", () => {
  fc.assert(
    fc.property(fc.array(anyChange, { maxLength: 4 }), fc.array(anyChange, { maxLength: 4 }), (ours, others) => {
      const [mine, theirs] = [after(...ours), after(...others)];
      const apart = diffParts(base, mine, theirs);
      expect(planOf(mergePlans(mine, theirs, apart, () => "theirs"))).toEqual(theirs);
      expect(planOf(mergePlans(mine, theirs, apart, () => "mine"))).toEqual(mine);
      const both = planOf(mergePlans(mine, theirs, apart, defaultSide));
      for (const part of diffParts(base, both, theirs))
        expect(
          part.changedBy === "mine" || apart.some(({ key, changedBy }) => key === part.key && changedBy === "both"),
        ).toBe(true);
      expect(diffParts(base, both, mine).every(({ changedBy }) => changedBy === "mine")).toBe(true);
    }),
  );
});

test("who changed what is told apart, with the places that differ", () => {
  const mine = after({ type: "setLabel", panelId: "roof", patch: { vocV: 28 } }, { type: "rename", name: "Mine" });
  const theirs = after(
    { type: "setSite", patch: { recordLowC: -20 } },
    { type: "rename", name: "Theirs" },
    { type: "removeWiring", wiringId: "pressday" },
  );
  expect(diffParts(base, mine, theirs).map(({ key, changedBy, paths }) => [key, changedBy, paths])).toEqual([
    ["name:", "both", ["(all)"]],
    ["site:recordLowC", "theirs", ["(all)"]],
    ["panel:roof", "mine", ["label.vocV"]],
    ["wiring:pressday", "theirs", []],
  ]);
  expect(diffParts(null, mine, theirs).every(({ changedBy }) => changedBy === "unknown")).toBe(true);
});

test("choices that do not fit together are refused with the place, not patched over", () => {
  const mine = after({ type: "setBypassed", wiringId: "everyday", keys: ["bookbay.1"], bypassed: true });
  const theirs = after({ type: "removePanel", panelId: "bookbay" });
  const apart = diffParts(base, mine, theirs);
  const reading = mergePlans(mine, theirs, apart, ({ kind }) => (kind === "wiring" ? "mine" : "theirs"));
  expect(reading).toMatchObject({ type: "fault", fault: { type: "invalid", path: "wirings.0.portArrays" } });
});
