import { unsaidSky } from "../src/core/measurements";
import { mountReport } from "../src/core/mounting";
import { plainFixing } from "../src/core/plan";
import { judgePortArray, provedPortArray, defaultMeter, walkOf } from "../src/core/commissioning";
import { assess } from "../src/core/assessment";
import { solvableById, createSolveCache, mountEnvironment } from "../src/core/plan-model";
import { createPlanes } from "../src/core/wiring/year";
import { demoPlans } from "../src/demo";
import { crowdedPlan } from "./crowded-plan";
import { print, timed } from "./figures";

/** Mount: a fixing of 24 panels, and what it adds to a verdict. Prove: what is due of a port's array, and what is wrong with it. */
const plan = crowdedPlan();
const wiringId = plan.wirings[0]?.id ?? "";
const pieces = plan.panels.flatMap(({ id, pieces: all }) => all.map(({ number }) => ({ panelId: id, piece: number })));
const fixed = {
  ...plan,
  fixings: {
    list: [{ ...plainFixing("roof", "Roof", "tapedFeet", pieces), skin: "gelcoat" as const }],
    passedOver: [],
  },
};
const [fixing] = fixed.fixings.list;
if (fixing !== undefined)
  print(
    "a fixing of 24 panels worked out",
    timed(60, () => void mountReport(fixed, fixing, mountEnvironment(fixed))),
  );
for (const [name, each] of [
  ["without", plan],
  ["with", fixed],
] as const)
  print(
    `a verdict from nothing, ${name} its fixing`,
    timed(10, () => void assess(each, wiringId)),
  );

const june = { atMs: Date.UTC(2026, 5, 21, 12), longitudeDeg: 0 };
for (const [name, id] of [
  ["Lantern", "everyday"],
  ["shed", "wiring-1"],
] as const) {
  const demo = demoPlans().find((each) => each.name.includes(name));
  const [context] = demo === undefined ? [] : solvableById(demo, id, null, createSolveCache()).portArrays;
  const sky = { ...unsaidSky, cloud: "clear" as const, airC: 18 };
  const portArray =
    context === undefined
      ? null
      : provedPortArray(context, sky, june, createPlanes(demo ?? plan, demo?.positions[0]?.id ?? "", 0));
  if (portArray === null) continue;
  print(
    `${name}: what is due at every step`,
    timed(30, () => void walkOf(portArray, [])),
  );
  const { steps, light } = walkOf(portArray, []);
  const records = steps.flatMap(({ place, quantity, band }, k) =>
    band === null
      ? []
      : [
          {
            id: `r${k}`,
            kind: "prove" as const,
            atUtc: new Date(k * 1000).toISOString(),
            wiringId: id,
            inputId: "i",
            portId: "p",
            place,
            quantity,
            // one panel short of a third of its volts
            value: k === 0 ? 0.67 * band.due : band.due,
            sky,
            due: band,
            lightWm2: light.due,
            by: "",
            source: "typed" as const,
          },
        ],
  );
  print(
    `${name}: what is wrong, by all that was read`,
    timed(6, () => void judgePortArray(portArray, walkOf(portArray, records), defaultMeter)),
  );
}
