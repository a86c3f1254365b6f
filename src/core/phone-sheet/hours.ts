import { hourMs } from "../engine/numeric";
import { unsaidSky } from "../measurements";
import { type Plan } from "../plan";
import { createBench, provedPortArray, healthyArray } from "../commissioning";
import { type PortArrayContext, solvableById } from "../plan-model";
import { createPlanes, typicalMonthsOf } from "../wiring/year";
import { lightOfWord } from "../log";

/** What meters should show at an hour, under a clear sky and under a dull one. */
export type HourDue = {
  readonly atMs: number;
  /** On the first panel, W/m². */ readonly lightWm2: number;
  readonly openV: number;
  readonly runV: number;
  readonly runA: number;
  readonly clearW: number;
  readonly overcastW: number;
};
export type PortHours = {
  readonly inputId: string;
  readonly portId: string;
  readonly airC: number;
  readonly hours: readonly HourDue[];
};

/** Less light than this proves nothing, W/m². */
const minWm2 = 40;

/** Hour by hour what each port of a wiring is due, from a moment on for so many days; hours without light are left out. */
export function* hoursDue(
  plan: Plan,
  wiringId: string,
  fromMs: number,
  days: number,
  longitudeDeg: number,
): Generator<{ readonly share: number }, readonly PortHours[], void> {
  const ready = solvableById(plan, wiringId);
  const planeOf = createPlanes(plan, ready.positions[0]?.id ?? "", longitudeDeg);
  const airC = airOf(plan, fromMs);
  const firstMs = Math.ceil(fromMs / hourMs) * hourMs;
  const ports: PortHours[] = [];
  const count = days * 24;
  for (const [nth, context] of ready.portArrays.entries()) {
    const hours: HourDue[] = [];
    for (let k = 0; k < count; k++) {
      if (k % 6 === 0) yield { share: (nth + k / count) / ready.portArrays.length };
      const due = dueAt(context, firstMs + k * hourMs, airC, longitudeDeg, planeOf);
      if (due !== null) hours.push(due);
    }
    ports.push({ inputId: context.portArray.inputId ?? "", portId: context.portArray.portId ?? "", airC, hours });
  }
  return ports;
}

function dueAt(
  context: PortArrayContext,
  atMs: number,
  airC: number,
  longitudeDeg: number,
  planeOf: ReturnType<typeof createPlanes>,
): HourDue | null {
  const portArray = provedPortArray(context, { ...unsaidSky, cloud: "clear", airC }, { atMs, longitudeDeg }, planeOf);
  if (portArray === null || portArray.clearWm2 < minWm2) return null;
  const bench = createBench(portArray.tree, portArray.window, portArray.tracking);
  const under = (share: number) =>
    bench.predict(
      healthyArray({ irradianceWm2: share * portArray.clearWm2, airTempC: airC, rossK: portArray.sky.rossK }),
    );
  const clear = under(1);
  return {
    atMs,
    lightWm2: portArray.clearWm2,
    openV: clear.array.openV ?? 0,
    runV: clear.input.runV ?? 0,
    runA: clear.input.runA ?? 0,
    clearW: clear.takenW,
    overcastW: under(lightOfWord.overcast).takenW,
  };
}

/** The air of a day of this month at the plan's place: half of the way from the mean to the day's high. */
function airOf(plan: Plan, atMs: number): number {
  const { months } = typicalMonthsOf(plan);
  const month = new Date(atMs).getUTCMonth();
  return Math.round((months.airTempC[month] ?? 15) + (months.dailyRangeK[month] ?? 8) / 4);
}
