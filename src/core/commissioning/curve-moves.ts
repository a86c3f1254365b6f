import { atCurrent, atVoltage, cableCurve, type Curve, inParallel, inSeries } from "../engine/iv";

export function joined(type: "series" | "parallel", members: readonly Node[]): Node {
  const curves = members.flatMap(({ curve }) => curve ?? []);
  const isOpen = type === "series" ? curves.length < members.length : curves.length === 0;
  const curve = isOpen
    ? null
    : curves.length === 1
      ? (curves[0] as Curve)
      : type === "series"
        ? inSeries(curves)
        : inParallel(curves);
  return { type, leaf: null, members, curve };
}

export function openOf(curve: Curve | null): number {
  return curve === null ? 0 : atCurrent(curve, 0).v;
}

export function behind(curve: Curve, ohm: number): Curve {
  return inSeries([curve, cableCurve(ohm, Math.max(0.1, ...curve.i.map(Math.abs)))]);
}

/** Plugged in the wrong way round: what is given is taken. */
export function mirrored({ v, i, g }: Curve): Curve {
  const turned = (values: Float64Array, sign: number) => Float64Array.from(values, (value) => sign * value).reverse();
  return { v: turned(v, -1), i: turned(i, -1), g: Float64Array.from(g).reverse() };
}

export function scaled({ v, i, g }: Curve, volts: number, amps: number): Curve {
  return {
    v: Float64Array.from(v, (value) => value * volts),
    i: Float64Array.from(i, (value) => value * amps),
    g: Float64Array.from(g, (value) => (value * amps) / volts),
  };
}

/** A regulator lets volts rise no further: beyond, the amps it gives fall off steeply. */
export function held(curve: Curve, volts: number): Curve {
  const kept = Array.from(curve.v, (v, k) => ({ v, i: curve.i[k] as number, g: curve.g[k] as number })).filter(
    ({ v }) => v < volts - edgeV,
  );
  const at = atVoltage(curve, volts - edgeV);
  const knots = [
    ...kept,
    { v: volts - edgeV, i: at.i, g: Math.max(at.g, 1e-6) },
    { v: volts, i: 0, g: Math.max(at.i, 1e-3) / edgeV },
    // what others push against it is kept out
    { v: volts + 100, i: -1e-3, g: 1e-5 },
  ];
  return {
    v: Float64Array.from(knots, ({ v }) => v),
    i: Float64Array.from(knots, ({ i }) => i),
    g: Float64Array.from(knots, ({ g }) => g),
  };
}

const edgeV = 0.15;

/** Where a tracker goes that is to take less: up in volts. */
export function tapered(
  curve: Curve,
  point: { readonly v: number; readonly i: number; readonly p: number },
  taken: number,
  vocV: number,
) {
  let [low, high] = [point.v, vocV];
  for (let step = 0; step < 40; step++) {
    const v = (low + high) / 2;
    if (v * atVoltage(curve, v).i > taken * point.p) low = v;
    else high = v;
  }
  return { v: low, i: atVoltage(curve, low).i };
}

/** A part with its curve; null: nothing flows through it. */
export type Node = {
  readonly curve: Curve | null;
  readonly leaf: number | null;
  readonly type: "leaf" | "series" | "parallel";
  readonly members: readonly Node[];
};
