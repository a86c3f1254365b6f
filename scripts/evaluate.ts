import { existsSync, readFileSync, statSync } from "node:fs";
import path from "node:path";
import { answerAny } from "../src/cases";

/** Reads case files ("-" is standard input), prints one answer a line; a bad case goes to standard error. */
function evaluate(file: string): boolean {
  const value = readJson(file);
  if (value === null) return false;
  // a file may hold the case alone, or beside the answer it was checked against
  const { json } = value;
  const wrapped = isRecord(json) && isRecord(json["case"]) && !("panels" in json) && !("type" in json);
  const answering = answerAny(wrapped ? json["case"] : json, () => performance.now(), besideOf(file));
  if (answering.type === "malformed") {
    complain(file, wrapped ? answering.path.replace("$", "$.case") : answering.path, answering.problem);
    return false;
  }
  process.stdout.write(`${JSON.stringify(answering.answer)}\n`);
  return true;
}

/** Reads a file beside a case ("-": in the working folder); one that is far too large to be meant is not read. */
function besideOf(file: string): (name: string) => string | null {
  const folder = file === "-" ? "." : path.dirname(file);
  return (name) => {
    const found = path.join(folder, name);
    if (!existsSync(found) || statSync(found).size > mostBytes) return null;
    return readFileSync(found, "latin1");
  };
}
const mostBytes = 64_000_000;

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
const good = files.map(evaluate);
process.exitCode = good.length > 0 && good.every(Boolean) ? 0 : 2;
