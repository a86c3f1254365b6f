import { ceilingBases } from "../engine/pv-input";
import {
  blankDevice,
  blankPort,
  type DeviceSheet,
  type PortField,
  type PortFieldName,
  portFieldNames,
  portFields,
  type PortSheet,
} from "../plan";
import { type FieldName, fieldSpecs, readQuantity } from "../engine/units";
import { choice, type Column, price, quantity, text, withUnit } from "./column";

type Tier = PortSheet["currentLimits"][number];

/** One row of a table of inputs: a port, with what its device is repeated before it. */
export type PortLine = Pick<DeviceSheet, "name" | "kind" | "weightKg" | "price" | "currency"> &
  Omit<PortSheet, "name"> & { readonly portName: string };

const { name: noName, kind: defaultKind, currency: defaultCurrency } = blankDevice("");

export const blankLine: PortLine = {
  ...blankPort("port-1", ""),
  name: noName,
  kind: defaultKind,
  weightKg: null,
  price: null,
  currency: defaultCurrency,
  portName: "",
};

const maxTiers = 4;
const natures = { drawsUpTo: ["draws up to", "limits itself"], neverExceed: ["never exceed", "absolute"] } as const;
const tierNatureWords = { ...natures, unknown: ["not stated"] } as const;
const blankTier: Tier = { fromV: null, toV: null, amps: null, nature: "unknown" };

/** Columns that are no number of the PV input, each after the number it belongs to. */
const after: Readonly<Partial<Record<PortFieldName, readonly Column<PortLine>[]>>> = {
  maxV: [
    choice(
      "ceilingBasis",
      "Max PV voltage applies to",
      Object.fromEntries(ceilingBases.map((code) => [code, []])) as unknown as Record<
        PortLine["ceilingBasis"],
        readonly string[]
      >,
    ),
    choice("overVoltage", "Over-voltage", {
      shutsOut: ["shuts it out"],
      mayDestroy: ["may destroy it"],
      unknown: [],
    }),
    ...Array.from({ length: maxTiers }, (_, k) => tierColumns(k)).flat(),
  ],
  maxW: [
    choice("maxWNature", "Watt limit nature", natures),
    choice("conversion", "Works by", { mppt: [], pwm: [] }, ["conversion"]),
    choice("tracker", "Tracker", {
      fullScan: ["scans the whole curve", "scan"],
      hillClimb: ["only climbs", "climb"],
      unknown: [],
    }),
  ],
};

/** The columns of a table of inputs: one row for each port. Shared limits and add-on modules do not fit a table; they travel in JSON. */
export const portColumns: readonly Column<PortLine>[] = [
  text("name", "Name", 80, ["input", "device", "model", "product"]),
  choice(
    "kind",
    "Kind",
    { chargeController: ["charge controller", "controller"], powerStation: ["power station", "station"] },
    ["type"],
  ),
  text("portName", "Port", 80, ["port name"]),
  ...portFieldNames.flatMap((name) => {
    const { title, titles }: PortField = portFields[name];
    return [quantity<PortLine>(name, portFields[name], title, titles), ...(after[name] ?? [])];
  }),
  quantity("weightKg", fieldSpecs.weightKg, "Weight", ["mass"]),
  ...price<PortLine>(),
];

/** Amps, volts and nature of one current tier; a tier begins with its amps. */
function tierColumns(k: number): Column<PortLine>[] {
  const head = `Tier ${k + 1}`;
  const set = (line: PortLine, patch: Partial<Tier>): Partial<PortLine> => {
    const tiers = Array.from(
      { length: Math.max(k + 1, line.currentLimits.length) },
      (_, at) => line.currentLimits[at] ?? blankTier,
    );
    return { currentLimits: tiers.map((tier, at) => (at === k ? { ...tier, ...patch } : tier)) };
  };
  const number = (key: "amps" | "fromV" | "toV", word: string, names: readonly string[]): Column<PortLine> => {
    const spec = fieldSpecs[key satisfies FieldName];
    return {
      title: `${head} ${word} (${spec.unit})`,
      names,
      late: false,
      written: true,
      write: ({ currentLimits }) => currentLimits[k]?.[key] ?? "",
      read: (typed, unit, line) => {
        const reading = readQuantity(withUnit(typed, unit), spec);
        if (reading.type === "value") return { type: "set", patch: set(line, { [key]: reading.value }) };
        return reading.type === "empty" ? { type: "set", patch: {} } : { type: "fault", fault: reading };
      },
    };
  };
  const nature = choice<{ nature: Tier["nature"] }, Tier["nature"]>("nature", `${head} nature`, tierNatureWords);
  return [
    number("amps", "amps", k === 0 ? ["max current", "maximum current", "amps", "current limit"] : []),
    number("fromV", "from", []),
    number("toV", "to", []),
    {
      ...nature,
      write: ({ currentLimits }) => currentLimits[k]?.nature ?? "",
      read: (typed, unit, line) => {
        const cell = nature.read(typed, unit, blankTier);
        return cell.type === "fault" ? cell : { type: "set", patch: set(line, cell.patch) };
      },
    },
  ];
}

/** The rows of a device, one a port. */
export function linesOf({ name, kind, weightKg, price: cost, currency, ports }: DeviceSheet): PortLine[] {
  return ports.map(({ name: portName, ...port }) => ({
    ...port,
    moduleId: null,
    name,
    kind,
    weightKg,
    price: cost,
    currency,
    portName,
  }));
}

/** Rows with one name are one device; what is said of it stands in its first row. A tier of which nothing is said is not kept. */
export function devicesOf(lines: readonly PortLine[]): { readonly first: number; readonly sheet: DeviceSheet }[] {
  const found = new Map<string, { first: number; sheet: DeviceSheet }>();
  for (const [at, { name, kind, weightKg, price: cost, currency, portName, ...port }] of lines.entries()) {
    const known = found.get(name) ?? {
      first: at,
      sheet: { ...blankDevice(name), kind, weightKg, price: cost, currency, ports: [] },
    };
    const number = known.sheet.ports.length + 1;
    const sheet: PortSheet = {
      ...port,
      id: `port-${number}`,
      name: portName === "" ? `Port ${number}` : portName,
      moduleId: null,
      currentLimits: port.currentLimits.filter(
        (tier) => tier.amps !== null || tier.fromV !== null || tier.toV !== null,
      ),
    };
    found.set(name, { ...known, sheet: { ...known.sheet, ports: [...known.sheet.ports, sheet] } });
  }
  return [...found.values()];
}
