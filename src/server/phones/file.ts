import "server-only";
import { closeSync, fsyncSync, openSync, readFileSync, renameSync, writeSync } from "node:fs";
import path from "node:path";
import { z } from "zod";
import { type PhoneStore, type StoredPhone } from "./phones";

const fileName = "phones.json";
const schema = z.array(
  z.strictObject({
    id: z.string(),
    name: z.string(),
    pairedAtMs: z.number(),
    seenAtMs: z.number(),
    keyHash: z.string().regex(/^[0-9a-f]{64}$/),
  }),
);

/** Paired phones in a file of the data folder, readable by its owner only. One that does not read is set aside: then none is paired. */
export function phonesFile(dataDir: string): PhoneStore {
  const file = path.join(dataDir, fileName);
  return {
    load: () => {
      const text = textOf(file);
      if (text === null) return [];
      const phones = phonesIn(text);
      if (phones === null) renameSync(file, `${file}.unreadable`);
      return phones ?? [];
    },
    save: (phones) => {
      const fresh = `${file}.new`;
      const handle = openSync(fresh, "w", 0o600);
      try {
        writeSync(handle, JSON.stringify(phones, null, 2));
        fsyncSync(handle);
      } finally {
        closeSync(handle);
      }
      renameSync(fresh, file);
    },
  };
}

function textOf(file: string): string | null {
  try {
    return readFileSync(file, "utf8");
  } catch {
    return null;
  }
}

function phonesIn(text: string): StoredPhone[] | null {
  try {
    return schema.parse(JSON.parse(text));
  } catch {
    return null;
  }
}
