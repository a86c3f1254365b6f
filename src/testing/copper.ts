import { applyChanges, type Change, controllerFactsOf, type End, type Plan, plainRun, type Cable } from "@/core/plan";
import { usedIn } from "@/core/engine/array";
import { type Random } from "@/core/engine/random";

const sizes: readonly [string, ...string[]] = [
  "14 AWG",
  "12 AWG",
  "10 AWG",
  "8 AWG",
  "6 AWG",
  "4 mm2",
  "6 mm2",
  "10 mm2",
  "16 mm2",
  "25 mm2",
  "35 mm2",
];
type Laid = Pick<Cable, "where" | "how">;
const laid: readonly [Laid, ...Laid[]] = [
  { where: null, how: null },
  { where: "roof", how: "touching" },
  { where: "roof", how: "conduit" },
  { where: "outside", how: "freeAir" },
  { where: "inside", how: "surface" },
  { where: "inside", how: "conduit" },
  { where: "vehicleRoof", how: null },
  { where: "engine", how: "conduit" },
  { where: "ground", how: "buried" },
];
const plugKinds: readonly [string, ...string[]] = ["latch", "modular", "screw", "barrel8", "flat"];

/** Cables, fuses, switches and plugs put into the first wiring of a plan, some right and some wrong. */
export function withCopper(plan: Plan, draw: Random): Plan {
  const [wiring] = plan.wirings;
  if (wiring === undefined) return plan;
  const wiringId = wiring.id;
  const changes: Change[] = [
    {
      type: "setStandards",
      patch: { cable: draw.pick(["land", "metric", "marine", "portable", null]) },
    },
    { type: "setProtect", patch: { joining: draw.pick(["auto", "box", "plugs"]), isWet: draw.chance(0.3) } },
  ];
  const run = (from: End, to: End) => {
    if (!draw.chance(0.7)) return;
    changes.push({
      type: "setRun",
      wiringId,
      run: {
        ...plainRun(`run-${changes.length}`, "a cable", from, to),
        lengthMm: draw.chance(0.8) ? draw.whole(300, 30_000) : null,
        ...draw.pick(laid),
        circuits: draw.pick([null, 1, 2, 4]),
        terminalC: draw.pick([null, 60, 75]),
        portable: draw.pick([true, false, null]),
        size: draw.chance(0.7) ? draw.pick(sizes) : null,
      },
    });
  };
  const guard = (kind: "fuse" | "breaker" | "isolator", at: End, most: number) => {
    if (!draw.chance(0.6)) return;
    const id = `guard-${changes.length}`;
    const ratedV = draw.chance(0.9) ? draw.pick([60, 150, 250, 600, 1000]) : null;
    changes.push({
      type: "setGuard",
      wiringId,
      guard: { id, kind, at, ratedA: draw.whole(1, most), ratedV, breaksA: draw.pick([null, 2000, 10_000]) },
    });
  };
  for (const { inputId, portId, strings } of wiring.portArrays) {
    if (inputId === null || portId === null) continue;
    const [junction, isolator] = [
      { type: "junction", inputId, portId } as const,
      { type: "isolator", inputId, portId } as const,
    ];
    for (const string of strings) {
      if (string.id === null || usedIn([string]).length === 0) continue;
      run({ type: "string", stringId: string.id }, junction);
      guard(draw.pick(["fuse", "breaker"]), { type: "string", stringId: string.id }, 35);
    }
    run(junction, isolator);
    run(isolator, { type: "port", inputId, portId });
    guard("isolator", isolator, 80);
    if (draw.chance(0.5))
      changes.push({
        type: "setPortEnd",
        end: { inputId, portId, kindId: draw.pick(plugKinds), reversed: draw.chance(0.2), chain: null },
      });
  }
  for (const { id: inputId, device } of plan.inputs) {
    if (device.kind !== "chargeController") continue;
    run({ type: "output", inputId }, { type: "bank", inputId });
    guard("fuse", { type: "bank", inputId }, 120);
    if (draw.chance(0.7))
      changes.push({
        type: "setController",
        facts: {
          ...controllerFactsOf(plan, inputId),
          pvMm2: draw.chance(0.5) ? draw.number(4, 30) : null,
          backfeed: draw.pick(["none", "fromBattery", "fromBattery", null]),
          joins: draw.pick(["negative", "positive", null]),
        },
      });
  }
  return applyChanges(plan, changes);
}
