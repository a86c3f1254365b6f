/** What a numeric field may hold: the one place that schema, form and message take their bounds from. */
export type FieldSpec = {
  readonly unit: Unit;
  readonly least: number;
  readonly most: number;
  readonly whole: boolean;
};

export const units = [
  "V",
  "A",
  "W",
  "mm",
  "m",
  "°C",
  "%/°C",
  "°",
  "",
  "Ω",
  "W/m²",
  "%",
  "kg",
  "h",
  "Wh",
  "Ah",
] as const;
export type Unit = (typeof units)[number];

const of = (unit: Unit, least: number, most: number, whole = false): FieldSpec => ({ unit, least, most, whole });

/** Bounds are wide enough for any panel or input sold, and narrow enough to catch a slipped decimal point. */
export const fieldSpecs = {
  pmaxW: of("W", 0.5, 1000),
  vocV: of("V", 0.5, 400),
  iscA: of("A", 0.01, 40),
  vmpV: of("V", 0.5, 400),
  impA: of("A", 0.01, 40),
  tempCoVocPctPerC: of("%/°C", -1.5, 0.5),
  tempCoIscPctPerC: of("%/°C", -0.5, 0.5),
  tempCoPmaxPctPerC: of("%/°C", -1.5, 0.5),
  cellsInSeries: of("", 1, 400, true),
  bypassDiodes: of("", 0, 60, true),
  cellsAlong: of("", 1, 200, true),
  cellsAcross: of("", 1, 200, true),
  maxSeriesFuseA: of("A", 1, 60),
  maxSystemV: of("V", 12, 2000),
  lengthMm: of("mm", 50, 10000),
  widthMm: of("mm", 50, 10000),
  stowedLengthMm: of("mm", 5, 10000),
  stowedWidthMm: of("mm", 5, 10000),
  stowedDepthMm: of("mm", 1, 2000),
  weightKg: of("kg", 0.05, 200),
  price: of("", 0, 100000),
  minV: of("V", 0, 1000),
  maxV: of("V", 1, 2000),
  wakeV: of("V", 0, 1000),
  batteryV: of("V", 1, 1000),
  wakeMarginV: of("V", 0, 100),
  stayMarginV: of("V", 0, 100),
  fromV: of("V", 0, 2000),
  toV: of("V", 0, 2000),
  amps: of("A", 0.1, 1000),
  maxW: of("W", 1, 100000),
  batteryMaxA: of("A", 0.1, 1000),
  pwmDropV: of("V", 0, 5),
  series: of("", 1, 40, true),
  strings: of("", 1, 40, true),
  count: of("", 1, 200, true),
  irradianceWm2: of("W/m²", 20, 1500),
  cellTempC: of("°C", -60, 120),
  tiltDeg: of("°", -75, 75),
  recordLowC: of("°C", -60, 40),
  recordHighC: of("°C", -10, 60),
  latitudeDeg: of("°", -90, 90),
  longitudeDeg: of("°", -180, 180),
  azimuthDeg: of("°", 0, 360),
  heightM: of("m", -450, 9000),
  horizonDeg: of("°", 0, 90),
  airC: of("°C", -80, 60),
  clearnessPct: of("%", 3, 85),
  loadW: of("W", 0.1, 20000),
  loadA: of("A", 0.01, 1000),
  hoursADay: of("h", 0, 24),
  timesADay: of("", 0, 200),
  timesWh: of("Wh", 0.1, 20000),
  dailyWh: of("Wh", 0, 200000),
  dailyAh: of("Ah", 0, 10000),
  capacityAh: of("Ah", 1, 10000),
  sharePct: of("%", 0, 100),
  efficiencyPct: of("%", 10, 100),
  lossPct: of("%", 0, 90),
  standingW: of("W", 0, 500),
  daysAWeek: of("", 0, 7),
  autonomyDays: of("", 0, 30),
} as const satisfies Record<string, FieldSpec>;

export type FieldName = keyof typeof fieldSpecs;
