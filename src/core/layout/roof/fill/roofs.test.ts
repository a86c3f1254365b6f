import fc from "fast-check";
import { changed, demoPlan, runs } from "@/testing";
import { emptyPlan, plainSurface, type Plan } from "@/core/plan";
import { drain } from "@/core/engine/generators";
import { layoutFaults } from "..";
import { fillAnswers, fillChanges } from ".";

const parked = { headingDeg: 0, latitudeDeg: 50 };
const int = (min: number, max: number) => fc.integer({ min, max });

/** Any roof: a rectangle, one with a corner cut off or one cut out of it, with things turned any way, zones, and things to come. */
const roofs: fc.Arbitrary<Plan["space"]> = fc
  .record({
    wide: int(900, 2000),
    deep: int(1400, 3600),
    shape: fc.constantFrom("whole", "slanted", "notched"),
    things: fc.array(
      fc.record({
        xMm: int(0, 2000),
        yMm: int(0, 3600),
        lengthMm: int(60, 900),
        widthMm: int(60, 900),
        turnDeg: int(0, 359),
        clearanceMm: int(0, 200),
        round: fc.boolean(),
        planned: fc.boolean(),
      }),
      { maxLength: 8 },
    ),
    walkway: fc.boolean(),
  })
  .map(({ wide, deep, shape, things, walkway }) => {
    const whole = [
      [0, 0],
      [wide, 0],
      [wide, deep],
      [0, deep],
    ];
    const points =
      shape === "whole"
        ? whole
        : shape === "slanted"
          ? [...whole.slice(0, 2), [wide, deep * 0.7], [wide * 0.6, deep], [0, deep]]
          : [...whole.slice(0, 2), [wide, deep / 2], [wide / 2, deep / 2], [wide / 2, deep], [0, deep]];
    const outline = points.map(([xMm = 0, yMm = 0]) => ({ xMm, yMm }));
    const strip = [
      [0, 0],
      [250, 0],
      [250, deep],
      [0, deep],
    ].map(([xMm = 0, yMm = 0]) => ({ xMm, yMm }));
    return {
      ...emptyPlan("").space,
      surfaces: [{ ...plainSurface("roof", "Roof", wide, deep), outline }],
      obstacles: things.map(({ round, planned, clearanceMm, xMm, yMm, lengthMm, widthMm, turnDeg }, k) => ({
        id: `t${k}`,
        name: `Thing ${k}`,
        surfaceId: "roof",
        kind: "hatch" as const,
        xMm,
        yMm,
        zMm: 0,
        shape: round
          ? { type: "pole" as const, radiusMm: lengthMm / 2, heightMm: 100 }
          : { type: "box" as const, lengthMm, widthMm, heightMm: 100, turnDeg },
        clearanceMm,
        planned,
      })),
      zones: walkway ? [{ id: "w", name: "Walkway", surfaceId: "roof", kind: "walkway" as const, outline: strip }] : [],
    };
  });

test("whatever the roof, no answer lays panels over one another, over the edge, or in the way of what stands and opens there", () => {
  const lantern = demoPlan("The Lantern");
  fc.assert(
    fc.property(roofs, fc.boolean(), int(0, 60), (space, asManyAsFit, seamMm) => {
      const plan = { ...lantern, space };
      const kinds = plan.panels.map(({ id: panelId }) => ({ panelId, asManyAsFit: asManyAsFit && panelId === "roof" }));
      const answers = drain(
        fillAnswers({ plan, surfaceId: "roof", positionId: "parked", parked, kinds, seamMm, kept: null, tries: 3000 }),
      );
      for (const answer of answers) {
        const ids = kinds.map(({ panelId }) => panelId);
        const after = changed(plan, ...fillChanges(plan, "roof", ids, answer, 40));
        const [on] = after.space.surfaces;
        if (on === undefined) throw new Error("the roof is still there");
        expect(after.space.places).toHaveLength(answer.panels.length);
        const faults = layoutFaults(after, on, "parked", parked).filter((fault) => {
          if (answer.strategy !== "everyInch") return true;
          // given up, and said so
          if (fault.type === "inZone") return !answer.givenUp.includes("Walkway");
          const thing = "obstacleId" in fault ? space.obstacles.find(({ id }) => id === fault.obstacleId) : undefined;
          return thing === undefined || !thing.planned || !answer.givenUp.includes(thing.name);
        });
        expect(faults).toEqual([]);
        expect(answer.boundW).toBeGreaterThanOrEqual(answer.worthW - 1e-6);
        if (!asManyAsFit)
          for (const { id, pieces } of plan.panels)
            expect(answer.panels.filter(({ panelId }) => panelId === id).length).toBeLessThanOrEqual(pieces.length);
      }
    }),
    { numRuns: runs(25) },
  );
}, 120_000);
