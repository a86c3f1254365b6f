import { z } from "zod";
import { sumOf } from "./qr-chunks";
import {
  keyOfPlace,
  type MeasuredRecord,
  type ReadPlace,
  readQuantities,
  type ReadQuantity,
  unsaidSky,
} from "../measurements";

/** What a sheet that was taken along brings home: what was ticked, measured and read, each with its time. */

const id = z.string().regex(/^[A-Za-z0-9_-]{1,40}$/);
const time = z.iso.datetime();
const most = 2000;

export const homeSchema = z.strictObject({
  format: z.literal("golden-array-sheet"),
  version: z.literal(1),
  /** The sheet of this browser: the same again is the same. */ sheet: id,
  plan: id,
  wiring: id,
  /** Steps done: the order of work they are of, the step, when. */
  ticks: z.array(z.tuple([z.string().max(80), z.string().min(1).max(400), time])).max(most),
  /** Corners and holes measured: `FIXING/GATE/first`, from the left and from the back, mm, when. */
  measures: z
    .array(
      z.tuple([
        z.string().max(160),
        z.number().min(-100_000).max(100_000),
        z.number().min(-100_000).max(100_000),
        time,
      ]),
    )
    .max(most),
  /** What a meter showed: `INPUT/PORT/PLACE/QUANTITY`, the value, when. */
  reads: z.array(z.tuple([z.string().max(300), z.number().min(-1e6).max(1e6), time])).max(most),
  /** Entries of the log: watts, the sky's word, the battery's charge, when. */
  log: z
    .array(
      z.tuple([
        z.number().min(0).max(100_000),
        z.enum(["clear", "haze", "broken", "overcast"]).nullable(),
        z.number().min(0).max(100).nullable(),
        time,
      ]),
    )
    .max(most),
});
export type Home = z.infer<typeof homeSchema>;

/** The published JSON Schema of it. */
export function homeJsonSchema(): unknown {
  return z.toJSONSchema(homeSchema, { target: "draft-2020-12" });
}

export type HomeReading =
  | { readonly type: "home"; readonly home: Home }
  | { readonly type: "unreadable"; readonly path: string; readonly problem: string };

/** Reads what came home; a file of strangers is not trusted. */
export function readHome(text: string): HomeReading {
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch {
    return { type: "unreadable", path: "", problem: "is not JSON" };
  }
  const read = homeSchema.safeParse(json);
  if (read.success) return { type: "home", home: read.data };
  const [issue] = read.error.issues;
  return { type: "unreadable", path: issue?.path.join(".") ?? "", problem: issue?.message ?? "is incomplete" };
}

/** The order of work of a fixing: its ticks belong to the plan. */
export const fixingList = (fixingId: string) => `mount:${fixingId}`;

/** Records of the readings, with ids that follow from the sheet and the time: read twice they are the same. */
export function recordsOfHome({ sheet, wiring, ticks, reads, log }: Home): readonly MeasuredRecord[] {
  const idOf = (kind: string, name: string, atUtc: string) =>
    `sheet-${kind}-${sheet}-${sumOf(name)}-${Date.parse(atUtc).toString(36)}`.slice(0, 64);
  return [
    ...ticks.flatMap(([list, step, atUtc]): MeasuredRecord[] =>
      list.startsWith("mount:")
        ? []
        : [{ id: idOf("t", `${list} ${step}`, atUtc), kind: "tick", atUtc, by: "", list, step }],
    ),
    ...reads.flatMap(([key, value, atUtc]): MeasuredRecord[] => {
      const at = parseReadKey(key);
      return at === null
        ? []
        : [
            {
              id: idOf("r", key, atUtc),
              kind: "prove",
              atUtc,
              by: "",
              wiringId: wiring,
              ...at,
              value,
              sky: unsaidSky,
              // worked out when it comes home, for its own moment
              due: null,
              lightWm2: null,
              source: "typed",
            },
          ];
    }),
    ...log.map(([watts, cloud, socPct, atUtc]): MeasuredRecord => ({
      id: idOf("l", String(watts), atUtc),
      kind: "log",
      atUtc,
      by: "",
      wiringId: wiring,
      watts,
      kwh: null,
      volts: null,
      amps: null,
      socPct,
      cloud,
      airC: null,
      source: "typed",
      note: "",
    })),
  ];
}

type ReadAt = {
  readonly inputId: string;
  readonly portId: string;
  readonly place: ReadPlace;
  readonly quantity: ReadQuantity;
};

/** Where a field of the sheet reads, in one line. */
export function readKey({ inputId, portId, place, quantity }: ReadAt): string {
  // of a string its number alone would be another one’s after a change
  const at = place.type === "string" ? `row:${place.n}.${place.stringId ?? ""}` : keyOfPlace(place);
  return [inputId, portId, at, quantity].join("/");
}

export function parseReadKey(key: string): ReadAt | null {
  const [inputId = "", portId = "", at = "", last = "", ...more] = key.split("/");
  const quantity = readQuantities.find((each) => each === last);
  const place = placeOf(at);
  const isId = (text: string) => /^[A-Za-z0-9_-]{1,64}$/.test(text);
  if (more.length > 0 || quantity === undefined || place === null || !isId(inputId) || !isId(portId)) return null;
  return { inputId, portId, place, quantity };
}

function placeOf(at: string): ReadPlace | null {
  if (at === "array" || at === "input") return { type: at };
  const panel = /^panel:([A-Za-z0-9_-]{1,64})\.([1-9]\d{0,4})$/.exec(at);
  if (panel !== null) return { type: "panel", panelId: panel[1] ?? "", piece: Number(panel[2]) };
  const string = /^row:([1-9]\d{0,2})\.([A-Za-z0-9_-]{0,64})$/.exec(at);
  if (string !== null && Number(string[1]) <= 200)
    return { type: "string", n: Number(string[1]), stringId: string[2] === "" ? null : (string[2] ?? null) };
  return null;
}
