import { strFromU8, strToU8, Unzip, UnzipInflate, zipSync } from "fflate";
import { mostPhotoBytes, photoTypeOf } from "../photo";
import { mostEpwBytes } from "../weather";
import { mostReadings, type MeasuredRecord, recordSchema } from "../measured";
import { z } from "zod";
import { faultOf, mostPlanBytes, type Plan, planFileName, type PlanFault, planFileText } from "../plan";

/**
 * A plan with all that belongs to it as one zip file. What may be in it is a fixed list of names; all else is refused, and
 * so is what unpacks to more than it may: bytes are counted as they come, whatever the file says of itself.
 */
const mostPhotos = 20;
const photoNames = Array.from({ length: mostPhotos }, (_, k) => `photo-${k + 1}`);
const entries: readonly { readonly name: string; readonly mostBytes: number }[] = [
  { name: "plan.json", mostBytes: mostPlanBytes },
  { name: "weather.epw", mostBytes: mostEpwBytes },
  { name: "readings.json", mostBytes: mostPlanBytes },
  ...photoNames.map((name) => ({ name, mostBytes: mostPhotoBytes })),
];

/** What belongs to a plan and is not in its document. */
export type BundleParts = {
  /** The text of the weather file it goes by. */ readonly weather: string | null;
  /** The photos under its drawings: each is found again by the digest of its bytes. */
  readonly photos: readonly Uint8Array[];
  /** What meters showed. */ readonly readings: readonly MeasuredRecord[];
};
export const alone: BundleParts = { weather: null, photos: [], readings: [] };

/** Largest bundle read, bytes; and how many times its size an entry may unpack to. */
export const mostBundleBytes = mostPlanBytes;
const mostRatio = 200;

/** A plan as a bundle, with all that belongs to it. What would pack tighter than is read again is left as it is. */
export function planBundle(plan: Plan, { weather, photos, readings }: BundleParts = alone): Uint8Array<ArrayBuffer> {
  const files: Record<string, Uint8Array> = {
    "plan.json": strToU8(planFileText(plan)),
    ...(weather === null ? {} : { "weather.epw": strToU8(weather) }),
    ...(readings.length === 0 ? {} : { "readings.json": strToU8(`${JSON.stringify(readings)}\n`) }),
    ...Object.fromEntries(photos.slice(0, mostPhotos).map((bytes, k) => [photoNames[k] ?? "", bytes])),
  };
  const packed = zipSync(files, { level: 6 });
  const largest = Math.max(...Object.values(files).map(({ length }) => length));
  return new Uint8Array(largest < (packed.length * mostRatio) / 2 ? packed : zipSync(files, { level: 0 }));
}

export function planBundleName(plan: Pick<Plan, "name">): string {
  return planFileName(plan).replace(/\.json$/, ".zip");
}

/** Whether some bytes are meant to be a zip file, by how they begin. */
export function isBundle(bytes: Uint8Array): boolean {
  return bytes[0] === 0x50 && bytes[1] === 0x4b;
}

export type BundleReading =
  | ({ readonly type: "text"; readonly text: string } & BundleParts)
  | { readonly type: "fault"; readonly fault: PlanFault };

/** The texts in a bundle, or why it is not taken. */
export function readBundle(bytes: Uint8Array): BundleReading {
  if (bytes.length > mostBundleBytes)
    return { type: "fault", fault: { type: "tooLarge", bytes: bytes.length, mostBytes: mostBundleBytes } };
  const found = new Map<string, Uint8Array>();
  let refused: { readonly path: string; readonly problem: string } | null = null;
  const refuse = (path: string, problem: string) => (refused ??= { path: path.slice(0, 80), problem });
  const unzip = new Unzip((file) => {
    const entry = entries.find(({ name }) => name === file.name);
    if (entry === undefined) {
      refuse(file.name, `not a part of a plan; allowed: ${entries.map(({ name }) => name).join(", ")}`);
      return;
    }
    if (found.has(entry.name)) {
      refuse(entry.name, "is in it twice");
      return;
    }
    const chunks: Uint8Array[] = [];
    let unpacked = 0;
    found.set(entry.name, new Uint8Array());
    file.ondata = (error, chunk, final) => {
      if (error !== null) refuse(entry.name, "cannot be unpacked");
      if (refused !== null) return;
      unpacked += chunk.length;
      if (unpacked > entry.mostBytes) refuse(entry.name, `unpacks to more than ${entry.mostBytes} bytes`);
      else if (unpacked > bytes.length * mostRatio)
        refuse(entry.name, `unpacks to more than ${mostRatio} times its size`);
      else chunks.push(chunk);
      if (final) found.set(entry.name, joined(chunks, unpacked));
    };
    file.start();
  });
  unzip.register(UnzipInflate);
  try {
    // in parts, so that nothing more is unpacked once something is refused
    for (let at = 0; at < bytes.length && refused === null; at += partBytes)
      unzip.push(bytes.subarray(at, at + partBytes), at + partBytes >= bytes.length);
  } catch {
    refuse("(bundle)", "is not a zip file that can be read");
  }
  if (refused !== null)
    return { type: "fault", fault: { type: "invalid", ...(refused as { path: string; problem: string }), more: 0 } };
  const plan = found.get("plan.json");
  if (plan === undefined || plan.length === 0)
    return { type: "fault", fault: { type: "foreign", found: "a zip file without a plan.json" } };
  const weather = found.get("weather.epw");
  const photos = photoNames.flatMap((name) => found.get(name) ?? []);
  const odd = photos.findIndex((bytes) => photoTypeOf(bytes) === null);
  if (odd >= 0)
    return {
      type: "fault",
      fault: { type: "invalid", path: photoNames[odd] ?? "", problem: "is no JPEG and no PNG picture", more: 0 },
    };
  const readings = readingsIn(found.get("readings.json"));
  if (readings.type === "refused")
    return { type: "fault", fault: { type: "invalid", path: readings.path, problem: readings.problem, more: 0 } };
  return {
    type: "text",
    text: strFromU8(plan),
    weather: weather === undefined ? null : strFromU8(weather),
    photos,
    readings: readings.readings,
  };
}

const readingsSchema = z.array(recordSchema).max(mostReadings);

type ReadingsFound =
  | { readonly type: "readings"; readonly readings: readonly MeasuredRecord[] }
  | { readonly type: "refused"; readonly path: string; readonly problem: string };

function readingsIn(bytes: Uint8Array | undefined): ReadingsFound {
  if (bytes === undefined) return { type: "readings", readings: [] };
  let value: unknown;
  try {
    value = JSON.parse(strFromU8(bytes));
  } catch {
    return { type: "refused", path: "readings.json", problem: "is not JSON" };
  }
  const parsed = readingsSchema.safeParse(value);
  if (parsed.success) return { type: "readings", readings: parsed.data };
  const { path, problem } = faultOf(parsed.error, value);
  return { type: "refused", path: `readings.json ${path}`, problem };
}

/** What is looked at between two checks; unpacked it is at most a thousand times that, by the nature of the format. */
const partBytes = 4096;

function joined(chunks: readonly Uint8Array[], length: number): Uint8Array {
  const all = new Uint8Array(length);
  let at = 0;
  for (const chunk of chunks) {
    all.set(chunk, at);
    at += chunk.length;
  }
  return all;
}
