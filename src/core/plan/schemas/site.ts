import { z } from "zod";
import { mounts } from "../../engine/sky";
import { field, id, name, stated } from "../fields";

/** Where the plan is, how cold and hot it gets there, and the way it travels. */

/** How a value came here: typed, out of a weather file, of a kind of climate; null: nobody said. */
export const sources = ["typed", "file", "climateKind"] as const;

const sourceSchema = z.enum(sources).nullable();

const month = z.strictObject({
  /** Mean air, the usual extremes of a day, °C, and light on the flat, kWh/m² a day. */
  meanC: z.number().min(-80).max(60),
  dayHighC: z.number().min(-80).max(70),
  nightLowC: z.number().min(-90).max(60),
  ghiKwhM2: z.number().min(0).max(15),
  source: sourceSchema,
});

/** A point of the skyline: how high it stands in a direction. Between two points it runs straight. */
const skylinePoint = z.strictObject({ azimuthDeg: field("azimuthDeg"), elevationDeg: field("horizonDeg") });

/** A stay on the way. Dates as YYYY-MM-DD. */
const halt = z.strictObject({
  id,
  name,
  latitudeDeg: field("latitudeDeg"),
  longitudeDeg: field("longitudeDeg"),
  fromDate: z.iso.date(),
  toDate: z.iso.date(),
  /** Where the front points, degrees from north by east; null: not said. */
  headingDeg: stated("azimuthDeg"),
});

export const schema = z.strictObject({
  recordLowC: stated("recordLowC"),
  recordLowSource: sourceSchema,
  recordHighC: stated("recordHighC"),
  recordHighSource: sourceSchema,
  placeName: z.string().max(120),
  latitudeDeg: stated("latitudeDeg"),
  longitudeDeg: stated("longitudeDeg"),
  heightM: stated("heightM"),
  timeZone: z.string().max(60).nullable(),
  headingDeg: stated("azimuthDeg"),
  /** How panels are fixed unless a mount says otherwise: how hot they get. */
  mount: z.enum(mounts).nullable(),
  climate: z.strictObject({ kind: id.nullable(), months: z.array(month).length(12) }).nullable(),
  route: z.array(halt).max(60),
  /** The weather file whose hours the year is made of; null: typical months. */
  weather: z.strictObject({ id, name: z.string().max(120) }).nullable(),
  /** Trees, cliffs and houses all round. */
  horizon: z.array(skylinePoint).max(72),
  /** What the year takes off by its name; null: the usual. */
  losses: z.strictObject({
    dirtPct: stated("lossPct"),
    hazePct: stated("lossPct"),
    ageingPct: stated("lossPct"),
    cablePct: stated("lossPct"),
    storingPct: stated("lossPct"),
    /** Of the light on the ground, what it sends back. */ groundPct: stated("lossPct"),
  }),
});

export type Site = z.infer<typeof schema>;

export type ClimateMonth = z.infer<typeof month>;

export type Halt = z.infer<typeof halt>;
