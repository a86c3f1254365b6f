import {
  atCurrent,
  atVoltage,
  blockingDiodeCurve,
  bypassDiode,
  cableCurve,
  type Curve,
  inParallel,
  inSeries,
  repeatInParallel,
  repeatInSeries,
  substringCurve,
} from ".";

/** A substring of 18 cells in full sun, written out by its parameters. */
const cells = { lightA: 6, saturationA: 2e-9, idealityV: 0.5, seriesOhm: 0.1, shuntS: 0.004 };
const most = 12;
const bright = substringCurve(cells, 1, true, most);
const dim = substringCurve({ ...cells, lightA: 2, shuntS: 0.0013 }, 1, true, most);

/** Current of the bare cells at a voltage, by plain bisection on the diode equation. */
function byHandA(v: number, lightA = cells.lightA, shuntS = cells.shuntS): number {
  let low = -50;
  let high = 50;
  for (let step = 0; step < 200; step++) {
    const i = (low + high) / 2;
    const junctionV = v + i * cells.seriesOhm;
    if (lightA - cells.saturationA * Math.expm1(junctionV / cells.idealityV) - shuntS * junctionV > i) low = i;
    else high = i;
  }
  return (low + high) / 2;
}

describe("a substring", () => {
  test("follows the diode equation from short circuit past open circuit", () => {
    for (let v = 0; v <= 11.2; v += 0.05) expect(Math.abs(atVoltage(bright, v).i - byHandA(v))).toBeLessThan(4e-4);
  });

  test("is read the same both ways", () => {
    for (let i = -8; i <= 11; i += 0.37)
      expect(Math.abs(atVoltage(bright, atCurrent(bright, i).v).i - i)).toBeLessThan(0.002 * cells.lightA);
  });

  test("pushed beyond its light, is carried by its bypass diode at about half a volt", () => {
    const { v } = atCurrent(dim, 10);
    const diodeA = 10 - byHandA(v, 2, 0.0013);
    const byHandV = -(
      bypassDiode.idealityV * Math.log(diodeA / bypassDiode.saturationA + 1) +
      diodeA * bypassDiode.seriesOhm
    );
    expect(v).toBeCloseTo(byHandV, 3);
    expect(v).toBeGreaterThan(-0.6);
  });

  test("without a bypass diode is pushed far below zero instead", () => {
    expect(atCurrent(substringCurve({ ...cells, lightA: 2 }, 1, false, most), 4).v).toBeLessThan(-100);
  });

  test("a third of a panel has a third of its volts", () => {
    const third = substringCurve(cells, 3, true, most);
    expect(atCurrent(third, 0).v * 3).toBeCloseTo(atCurrent(bright, 0).v, 4);
  });

  test("in the dark gives nothing and still takes current that is forced in", () => {
    const dark = substringCurve({ ...cells, lightA: 0, shuntS: 0 }, 1, true, most);
    expect(Math.abs(atCurrent(dark, 0).v)).toBeLessThan(1e-2);
    expect(atVoltage(dark, 11).i).toBeLessThan(-1);
  });
});

describe("adding curves", () => {
  const volts = (curve: Curve, i: number) => atCurrent(curve, i).v;
  const amps = (curve: Curve, v: number) => atVoltage(curve, v).i;

  test("in series adds volts at every current, through the bypass knee too", () => {
    const both = inSeries([bright, dim]);
    for (let i = -3; i <= 7; i += 0.11)
      expect(Math.abs(volts(both, i) - volts(bright, i) - volts(dim, i))).toBeLessThan(0.02);
  });

  test("in parallel adds amps at every voltage", () => {
    const both = inParallel([bright, dim]);
    for (let v = 0; v <= 11; v += 0.07)
      expect(Math.abs(amps(both, v) - amps(bright, v) - amps(dim, v))).toBeLessThan(1e-3);
  });

  test("of equals is a scaling", () => {
    for (const i of [0, 3, 5.9])
      expect(volts(inSeries([bright, bright, bright]), i)).toBeCloseTo(volts(repeatInSeries(bright, 3), i), 6);
    for (const v of [0, 5, 10])
      expect(amps(inParallel([bright, bright]), v)).toBeCloseTo(amps(repeatInParallel(bright, 2), v), 6);
  });

  test("of many keeps to the bar while it drops knots", () => {
    const many = Array.from({ length: 40 }, (_, k) =>
      substringCurve({ ...cells, lightA: 1 + 0.12 * k }, 1, true, most),
    );
    const sum = inSeries(many);
    expect(sum.v.length).toBeLessThan(800);
    const openV = volts(sum, 0);
    for (let i = 0; i <= 5.5; i += 0.05) {
      const exactV = many.reduce((total, curve) => total + volts(curve, i), 0);
      expect(Math.abs(volts(sum, i) - exactV)).toBeLessThan(0.002 * openV);
    }
  });

  test("of none is a mistake of the caller", () => expect(() => inSeries([])).toThrow(/at least one/));
});

test("a cable is Ohm's law; none at all is next to none", () => {
  expect(atCurrent(cableCurve(0.25, 10), 4).v).toBeCloseTo(-1, 9);
  expect(Math.abs(atCurrent(cableCurve(0, 10), 10).v)).toBeLessThan(1e-4);
});

test("a blocking diode lets amps out at under half a volt and lets microamps in", () => {
  const diode = blockingDiodeCurve(10);
  expect(atCurrent(diode, 8).v).toBeLessThan(-0.3);
  expect(atCurrent(diode, 8).v).toBeGreaterThan(-0.6);
  expect(Math.abs(atVoltage(diode, 40).i)).toBeLessThan(1e-5);
});
