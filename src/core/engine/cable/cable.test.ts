import { chooseSize, dropLimitOf, maxAmps, type RunAsk, sizedRun, sizeNamed } from ".";
import { dropOf, runOhm } from "./drop";
import { ampacityOf, type CableSize, type Laid } from "./tables";

/** Strings of the standards, typed from them and not from the code: NEC 2023, EN 50618, IEC 60364-5-52, ASTM B258, IEC 60228. */

const sizeOf = (name: string): CableSize => {
  const size = sizeNamed(name);
  if (size === null) throw new Error(`${name} is a size`);
  return size;
};
const laid = (more: Partial<Laid>): Laid => ({
  ...{ standard: "land", how: "surface", isBattery: false, circuits: 1, terminalC: 75, ambientC: 30 },
  ...more,
});

describe("AWG by NEC table 310.16, copper, 30 °C", () => {
  test.each([
    ["14 AWG", 15, 20, 25, 8.29],
    ["12 AWG", 20, 25, 30, 5.21],
    ["10 AWG", 30, 35, 40, 3.28],
    ["8 AWG", 40, 50, 55, 2.06],
    ["6 AWG", 55, 65, 75, 1.3],
    ["4 AWG", 70, 85, 95, 0.815],
    ["2 AWG", 95, 115, 130, 0.513],
    ["1/0 AWG", 125, 150, 170, 0.323],
  ])("%s: %d A at 60 °C terminals, %d A at 75 °C, %d A afloat; %d Ω/km", (name, at60A, at75A, at90A, ohmPerKm) => {
    const size = sizeOf(name);
    expect(ampacityOf(size, laid({ terminalC: 60 }), 1)).toBe(at60A);
    expect(ampacityOf(size, laid({}), 1)).toBe(at75A);
    expect(ampacityOf(size, laid({ standard: "marine" }), 1)).toBe(at90A);
    expect(size.ohmPerKm).toBe(ohmPerKm);
  });
  test("over 100 A every terminal counts by 75 °C", () => {
    expect(ampacityOf(sizeOf("1/0 AWG"), laid({ terminalC: 60 }), 100)).toBe(125);
    expect(ampacityOf(sizeOf("1/0 AWG"), laid({ terminalC: 60 }), 101)).toBe(150);
  });
  test.each([
    [30, 1],
    [31, 0.96],
    [40, 0.91],
    [45, 0.87],
    [50, 0.82],
    [55, 0.76],
    [60, 0.71],
    [65, 0.65],
    [70, 0.58],
    [75, 0.5],
    [80, 0.41],
    [85, 0.29],
    [86, null],
  ])("at %d °C the 90 °C column counts by %p (table 310.15(B)(1))", (ambientC, factor) => {
    const amps = ampacityOf(sizeOf("10 AWG"), laid({ standard: "marine", ambientC }), 1);
    expect(amps).toEqual(factor === null ? null : expect.closeTo(40 * factor, 9));
  });
  test.each([
    [1, 1],
    [2, 0.8],
    [3, 0.8],
    [4, 0.7],
    [5, 0.5],
    [10, 0.5],
    [11, null],
  ])("%d circuits of two conductors count by %p (table 310.15(C)(1))", (circuits, factor) => {
    const amps = ampacityOf(sizeOf("10 AWG"), laid({ standard: "marine", circuits }), 1);
    expect(amps).toEqual(factor === null ? null : expect.closeTo(40 * factor, 9));
  });
  test.each([
    ["14 AWG", 15],
    ["12 AWG", 20],
    ["10 AWG", 30],
    ["8 AWG", 50],
  ])("%s may carry at most %d A on land (240.4(D)), more afloat", (name, capA) => {
    const of = (standard: "land" | "marine") => maxAmps(sizeOf(name), ask({ standard }));
    expect(of("land")).toBe(capA);
    expect(of("marine")).toBeGreaterThan(capA);
  });
});

describe("metric sizes", () => {
  test.each([
    ["1.5 mm2", 30, 29, 24, 23, 25, 13.7],
    ["2.5 mm2", 41, 39, 33, 31, 33, 8.21],
    ["4 mm2", 55, 52, 44, 42, 43, 5.09],
    ["6 mm2", 70, 67, 57, 54, 53, 3.39],
    ["10 mm2", 98, 93, 79, 75, 71, 1.95],
    ["16 mm2", 132, 125, 107, 100, 91, 1.24],
    ["25 mm2", 176, 167, 142, 133, 116, 0.795],
    ["35 mm2", null, null, null, 164, 139, 0.565],
    ["50 mm2", null, null, null, 198, 164, 0.393],
  ])(
    "%s: %p A in air, %p on a surface, %p touching (EN 50618), %d in conduit, %d in the ground; %d Ω/km",
    (name, air, surface, touching, conduit, ground, ohmPerKm) => {
      const size = sizeOf(name);
      const at = (how: Laid["how"], ambientC: number, more: Partial<Laid> = {}) =>
        ampacityOf(size, laid({ standard: "metric", how, ambientC, ...more }), 1);
      expect([at("freeAir", 60), at("surface", 60), at("touching", 60)]).toEqual([air, surface, touching]);
      expect([at("conduit", 30), at("buried", 20)]).toEqual([conduit, ground]);
      // a battery cable is no PV cable: it counts by the conduit's column however it lies
      expect(at("surface", 30, { isBattery: true })).toBe(conduit);
      expect(size.ohmPerKm).toBe(ohmPerKm);
    },
  );
  test.each<[Laid["how"], number, number, number | null]>([
    ["touching", 70, 1, 44 * 0.92],
    ["touching", 80, 1, 44 * 0.84],
    ["touching", 90, 1, 44 * 0.75],
    ["touching", 91, 1, null],
    ["conduit", 40, 2, 42 * 0.91 * 0.8],
    ["conduit", 80, 6, 42 * 0.41 * 0.57],
    ["conduit", 81, 1, null],
    ["buried", 30, 3, 43 * 0.93 * 0.7],
    ["buried", 41, 1, null],
    ["surface", 60, 7, null],
  ])("4 mm² %s at %d °C, %d circuits: %p A", (how, ambientC, circuits, amps) => {
    const found = ampacityOf(sizeOf("4 mm2"), laid({ standard: "metric", how, ambientC, circuits }), 1);
    expect(found).toEqual(amps === null ? null : expect.closeTo(amps, 9));
  });
});

function ask(more: Partial<RunAsk>): RunAsk {
  return {
    ...laid({}),
    ...{
      isPortable: false,
      metresOneWay: 5,
      conductorC: 20,
      iscA: 10,
      impA: 9.4,
      vmpV: 40,
      maxDropPct: 3,
      faultA: null,
    },
    ...more,
  };
}

test("a run loses what its two conductors resist at their temperature", () => {
  // 10 m there and back of 4 mm² at 75 °C: 0.0509 Ω × (1 + 0.00393 × 55) × 9.4 A
  const ohm = 0.0509 * (1 + 0.00393 * 55);
  expect(runOhm(sizeOf("4 mm2"), 5, 75)).toBeCloseTo(ohm, 9);
  expect(dropOf(ohm, 9.4, 40)).toEqual({
    dropV: expect.closeTo(0.58188, 4) as number,
    dropPct: expect.closeTo(1.4547, 3) as number,
    lossW: expect.closeTo(5.4697, 3) as number,
  });
});

test("the smallest size is chosen that can carry 1.56 × Isc and loses no more than is allowed", () => {
  // 15.6 A: 12 AWG by its cap of 20 A; at 40 m the drop decides: 2 × 40 m × 3.28 Ω/km × 9.4 A = 2.47 V of 40 V is too much
  const named = (more: Partial<RunAsk>) => {
    const found = chooseSize(ask(more));
    return typeof found === "string" ? found : found.size.name;
  };
  expect(named({})).toBe("12 AWG");
  expect(named({ isPortable: true })).toBe("14 AWG");
  expect(named({ metresOneWay: 40 })).toBe("6 AWG");
  // 1.5 mm² carries 24 A but loses 3.2 % on its 5 m
  expect(named({ standard: "metric", how: "touching", ambientC: 60 })).toBe("2.5 mm2");
  expect(named({ standard: "metric", how: "touching", ambientC: 60, metresOneWay: 4 })).toBe("1.5 mm2");
  expect(named({ faultA: 40 })).toBe("8 AWG");
  expect(named({ ambientC: 90 })).toBe("noTable");
  expect(named({ iscA: 150 })).toBe("noSize");
  expect(sizedRun(sizeOf("6 AWG"), ask({ metresOneWay: 40 })).dropPct).toBeCloseTo((100 * 0.104 * 9.4) / 40, 9);
  expect([dropLimitOf(ask({ maxDropPct: 5 })), dropLimitOf(ask({ standard: "marine", maxDropPct: 5 }))]).toEqual([
    5, 3,
  ]);
});
