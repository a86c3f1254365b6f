import { readFileSync } from "node:fs";
import { answerCase, readCase } from "../src/core/case";

/** Reads case files ("-" is standard input), prints one answer a line; a bad case goes to standard error. */
function evaluate(file: string): boolean {
  const value = readJson(file);
  if (value === null) return false;
  // a file may hold the case alone, or beside the answer it was checked against
  const wrapped = isRecord(value.json) && isRecord(value.json["case"]) && !("panels" in value.json);
  const reading = readCase(wrapped ? (value.json as Record<string, unknown>)["case"] : value.json);
  if (reading.type === "malformed") {
    complain(file, wrapped ? reading.path.replace("$", "$.case") : reading.path, reading.problem);
    return false;
  }
  process.stdout.write(`${JSON.stringify(answerCase(reading.case, () => performance.now()))}\n`);
  return true;
}

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
