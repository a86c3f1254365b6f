import { existsSync, readFileSync, statSync } from "node:fs";
import path from "node:path";
import { pathToFileURL } from "node:url";
import { answerAny, answerPicture, type CaseAnswering } from "../src/cases";
import { pictureFault } from "../src/core/panels/label-import/photo";
import { createStickers, type Stickers } from "../src/server/stickers/worker-pool";

/** Reads case files ("-" is standard input), prints one answer a line; a bad case goes to standard error. */
async function evaluate(file: string): Promise<boolean> {
  const value = readJson(file);
  if (value === null) return false;
  // a file may hold the case alone, or beside the answer it was checked against
  const { json } = value;
  const wrapped = isRecord(json) && isRecord(json["case"]) && !("panels" in json) && !("type" in json);
  const first = answerAny(wrapped ? json["case"] : json, () => performance.now(), besideOf(file));
  const answering = first.type === "picture" ? await pictureAnswer(first.file, besideOf(file)) : first;
  if (answering.type === "picture") return false;
  if (answering.type === "malformed") {
    complain(file, wrapped ? answering.path.replace("$", "$.case") : answering.path, answering.problem);
    return false;
  }
  process.stdout.write(`${JSON.stringify(answering.answer)}\n`);
  return true;
}

const readers: Stickers[] = [];

/** Reads the photo beside a case, in the same thread as the server does. */
async function pictureAnswer(name: string, beside: (name: string) => string | null): Promise<CaseAnswering> {
  const bytes = beside(name);
  if (bytes === null)
    return {
      type: "malformed",
      path: "$.image",
      problem: `there is no file "${name}" beside the case, or it is far too large`,
    };
  // by an address, since this program itself is run from memory
  const kit = (await import(pathToFileURL(path.resolve("scripts/serving/bundle-server.mjs")).href)) as {
    buildStickers: () => Promise<unknown>;
    stickersFile: string;
  };
  if (readers.length === 0) {
    await kit.buildStickers();
    readers.push(createStickers({ file: kit.stickersFile, maxMs: 60_000, idleMs: 1000 }));
  }
  const outcome = await readers[0]?.read(Buffer.from(bytes, "latin1"));
  if (outcome?.type === "read") return answerPicture(outcome.reading);
  return {
    type: "malformed",
    path: "$.image",
    problem: outcome?.type === "fault" ? pictureFault(outcome.fault) : "it was called off",
  };
}

/** Reads a file beside a case ("-": in the working folder); one that is far too large to be meant is not read. */
function besideOf(file: string): (name: string) => string | null {
  const folder = file === "-" ? "." : path.dirname(file);
  return (name) => {
    const found = path.join(folder, name);
    if (!existsSync(found) || statSync(found).size > maxBytes) return null;
    return readFileSync(found, "latin1");
  };
}
const maxBytes = 64_000_000;

function readJson(file: string): { json: unknown } | null {
  try {
    return { json: JSON.parse(readFileSync(file === "-" ? 0 : file, "utf8")) as unknown };
  } catch (error) {
    complain(file, "$", error instanceof Error ? error.message : "unreadable");
    return null;
  }
}

function complain(file: string, path: string, problem: string): void {
  process.stderr.write(`${file === "-" ? "standard input" : file}: ${path}: ${problem.replace(/\s+/g, " ")}\n`);
}

function isRecord(value: unknown): value is Record<string, unknown> {
  return typeof value === "object" && value !== null && !Array.isArray(value);
}

const files = process.argv.slice(2);
if (files.length === 0)
  complain("evaluate", "$", "no case given; use: npm run -s evaluate -- FILE… (or - for standard input)");
let isGood = files.length > 0;
for (const file of files) isGood = (await evaluate(file)) && isGood;
for (const each of readers) await each.end();
process.exitCode = isGood ? 0 : 2;
