import { sha256 } from "@noble/hashes/sha2";
import { bytesToHex, utf8ToBytes } from "@noble/hashes/utils";
import {
  type Entry,
  Uint8ArrayReader,
  Uint8ArrayWriter,
  type WritableWriter,
  ZipReader,
  ZipWriter,
} from "@zip.js/zip.js";
import { maxPhotos, photoTypeOf } from "../image-type";
import { maxReadings, type MeasuredRecord, recordSchema } from "../measurements";
import { z } from "zod";
import { faultOf, type Plan, planFileName, type PlanFault, planFileText } from "../plan";
import { bundleEntries, digestsName, maxBundleBytes, photoNames } from "./limits";

/**
 * A plan with all that belongs to it as one zip file. What may be in it is a fixed list of names; all else is refused, and
 * so is what unpacks to more than it may: bytes are counted as they come, whatever the file says of itself.
 *
 * Nothing spoiled is taken: each part is held against its CRC-32 and, where `digests.json` is there, against its SHA-256; then
 * the file's own last bytes are the SHA-256 of all before them.
 */
/** What belongs to a plan and is not in its document. */
export type BundleParts = {
  /** The text of the weather file it goes by. */ readonly weather: string | null;
  /** The photos under its drawings: each is found again by the digest of its bytes. */
  readonly photos: readonly Uint8Array[];
  /** What meters showed. */ readonly readings: readonly MeasuredRecord[];
};
export const alone: BundleParts = { weather: null, photos: [], readings: [] };

/** How many times its size an entry may unpack to. */
const maxRatio = 200;
const inThread = { useWebWorkers: false } as const;
/** What the seal at a bundle's end begins with; 64 digits follow. */
const sealHead = utf8ToBytes("golden-array-bundle sha256 ");
const sealDigits = 64;

/** A plan as a bundle, with all that belongs to it. What would pack tighter than is read again is left as it is. */
export async function planBundle(
  plan: Plan,
  { weather, photos, readings }: BundleParts = alone,
): Promise<Uint8Array<ArrayBuffer>> {
  const parts: [string, Uint8Array][] = [
    ["plan.json", utf8ToBytes(planFileText(plan))],
    ...(weather === null ? [] : [["weather.epw", utf8ToBytes(weather)] satisfies [string, Uint8Array]]),
    ...(readings.length === 0
      ? []
      : [["readings.json", utf8ToBytes(`${JSON.stringify(readings)}\n`)] satisfies [string, Uint8Array]]),
    ...photos.map((bytes, k): [string, Uint8Array] => [photoNames[k] ?? "", bytes]),
  ];
  if (photos.length > maxPhotos) throw new Error(`a bundle holds ${maxPhotos} photos, not ${photos.length}`);
  const digests = Object.fromEntries(parts.map(([name, bytes]) => [name, bytesToHex(sha256(bytes))]));
  parts.push([digestsName, utf8ToBytes(JSON.stringify(digests))]);
  const pack = async (level: number) => {
    const zip = new ZipWriter(new Uint8ArrayWriter(), { ...inThread, level });
    for (const [name, bytes] of parts) await zip.add(name, new Uint8ArrayReader(bytes));
    return zip.close(Uint8Array.of(...sealHead, ...new Uint8Array(sealDigits)));
  };
  const packed = await pack(6);
  const largest = Math.max(...parts.map(([, { length }]) => length));
  const zip = largest < (packed.length * maxRatio) / 2 ? packed : await pack(0);
  zip.set(utf8ToBytes(sealOf(zip)), zip.length - sealDigits);
  return zip as Uint8Array<ArrayBuffer>;
}

function sealOf(zip: Uint8Array): string {
  return bytesToHex(sha256(zip.subarray(0, -sealDigits)));
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

/** What is wrong with a part of a bundle. */
class Refused extends Error {
  constructor(
    readonly path: string,
    readonly problem: string,
  ) {
    super(problem);
  }
}

/** The texts in a bundle, or why it is not taken. */
export async function readBundle(bytes: Uint8Array): Promise<BundleReading> {
  if (bytes.length > maxBundleBytes)
    return { type: "fault", fault: { type: "tooLarge", bytes: bytes.length, maxBytes: maxBundleBytes } };
  try {
    const found = await unpacked(bytes);
    if ((found.get("plan.json")?.length ?? 0) === 0)
      return { type: "fault", fault: { type: "foreign", found: "a zip file without a plan.json" } };
    holdDigests(found, bytes);
    return partsOf(found);
  } catch (error) {
    const { path, problem } =
      error instanceof Refused ? error : new Refused("(bundle)", "is not a zip file that can be read");
    return { type: "fault", fault: { type: "invalid", path: path.slice(0, 80), problem, more: 0 } };
  }
}

/** Each part by its name. */
async function unpacked(bytes: Uint8Array): Promise<ReadonlyMap<string, Uint8Array>> {
  const found = new Map<string, Uint8Array>();
  const zip = new ZipReader(new Uint8ArrayReader(bytes), {
    ...inThread,
    checkSignature: true,
    checkOverlappingEntry: true,
  });
  for await (const file of zip.getEntriesGenerator()) {
    const entry = bundleEntries.find(({ name }) => name === file.filename);
    if (entry === undefined)
      throw new Refused(
        file.filename,
        `not a part of a plan; allowed: ${bundleEntries.map(({ name }) => name).join(", ")}`,
      );
    if (found.has(entry.name)) throw new Refused(entry.name, "is in it twice");
    found.set(entry.name, await unpackedPart(file, entry, bytes.length));
  }
  return found;
}

async function unpackedPart(
  file: Entry,
  { name, maxBytes }: (typeof bundleEntries)[number],
  packedBytes: number,
): Promise<Uint8Array> {
  if (file.directory || file.encrypted) throw new Refused(name, "is no plain file");
  const chunks: Uint8Array[] = [];
  let length = 0;
  let tooMuch: Refused | null = null;
  // counted as it comes, so that nothing more is unpacked once it is too much
  const counting: WritableWriter = {
    writable: new WritableStream<Uint8Array>({
      write(chunk) {
        length += chunk.length;
        if (length > maxBytes) tooMuch = new Refused(name, `unpacks to more than ${maxBytes} bytes`);
        else if (length > packedBytes * maxRatio)
          tooMuch = new Refused(name, `unpacks to more than ${maxRatio} times its size`);
        if (tooMuch !== null) throw tooMuch;
        chunks.push(chunk);
      },
    }),
  };
  try {
    await file.getData(counting);
  } catch {
    throw tooMuch ?? new Refused(name, "is spoiled: its check sum does not fit");
  }
  return joined(chunks, length);
}

const digestsSchema = z.record(z.string(), z.string());

/** Holds parts against their digests, and the whole against its seal; bundles of older versions have neither. */
function holdDigests(found: ReadonlyMap<string, Uint8Array>, bytes: Uint8Array): void {
  const stated = found.get(digestsName);
  if (stated === undefined) return;
  const digests = digestsSchema.safeParse(jsonIn(stated)).data;
  if (digests === undefined) throw new Refused(digestsName, "is not a list of digests");
  for (const [name, part] of found)
    if (name !== digestsName && digests[name] !== bytesToHex(sha256(part)))
      throw new Refused(name, "is spoiled: its digest does not fit");
  const lost = Object.keys(digests).find((name) => !found.has(name));
  if (lost !== undefined) throw new Refused(lost, "is missing");
  const seal = utf8ToBytes(sealOf(bytes));
  const end = bytes.subarray(-sealDigits - sealHead.length);
  if (![...sealHead, ...seal].every((byte, k) => end[k] === byte))
    throw new Refused("(bundle)", "is spoiled: the digest at its end does not fit");
}

function partsOf(found: ReadonlyMap<string, Uint8Array>): BundleReading {
  const text = (name: string) => {
    const part = found.get(name);
    if (part === undefined) return null;
    try {
      return new TextDecoder("utf-8", { fatal: true }).decode(part);
    } catch {
      throw new Refused(name, "is not UTF-8 text");
    }
  };
  const photos = photoNames.flatMap((name) => found.get(name) ?? []);
  const odd = photos.findIndex((bytes) => photoTypeOf(bytes) === null);
  if (odd >= 0) throw new Refused(photoNames[odd] ?? "", "is no JPEG and no PNG picture");
  const readings = found.get("readings.json");
  return {
    type: "text",
    text: text("plan.json") ?? "",
    weather: text("weather.epw"),
    photos,
    readings: readings === undefined ? [] : readingsIn(readings),
  };
}

const readingsSchema = z.array(recordSchema).max(maxReadings);

function readingsIn(bytes: Uint8Array): readonly MeasuredRecord[] {
  const value = jsonIn(bytes);
  if (value === undefined) throw new Refused("readings.json", "is not JSON");
  const parsed = readingsSchema.safeParse(value);
  if (parsed.success) return parsed.data;
  const { path, problem } = faultOf(parsed.error, value);
  throw new Refused(`readings.json ${path}`, problem);
}

/** Undefined where it is no JSON. */
function jsonIn(bytes: Uint8Array): unknown {
  try {
    return JSON.parse(new TextDecoder().decode(bytes));
  } catch {
    return undefined;
  }
}

function joined(chunks: readonly Uint8Array[], length: number): Uint8Array {
  const all = new Uint8Array(length);
  let at = 0;
  for (const chunk of chunks) {
    all.set(chunk, at);
    at += chunk.length;
  }
  return all;
}
