import { parseArgs } from "node:util";
import { ensureBuilt, ensureInstalled } from "./setup.mjs";
import { conclude, ensureDebian, jest } from "./testing/parts.mjs";

/**
 * What cannot be quick: the tests that draw their cases, many times as often as in `npm test`, and what is done to a whole
 * server: kills, generated requests, full and broken disks, many clients, two tabs at random; and every view in every light at both
 * widths, every action by every means. Takes hours; `--effort N` sets how many times as often, `--only NAME` takes the tests whose file
 * has NAME in its path, and GOLDEN_ARRAY_SEED draws other cases.
 */
const { values } = parseArgs({ options: { effort: { type: "string", default: "50" }, only: { type: "string" } } });
const patience = "--testTimeout=36000000";
const env = { GOLDEN_ARRAY_EFFORT: values.effort };
const files = values.only === undefined ? [] : [values.only, "--passWithNoTests"];

await ensureInstalled();
await ensureDebian("ngspice");
const unit = await jest("unit", ["--maxWorkers=2", patience, ...files], env);
/** What is done to a whole server and its pages: each says what it found, or leaves nothing out. */
const whole = ["durability", "fuzz", "clients", "faults", "two-tabs", "attacks", "access", "thumb", "hands"];
const chosen = whole.filter((name) => values.only === undefined || name.includes(values.only));
if (chosen.length > 0) await ensureBuilt();
const interfaceArgs = ["--config", "e2e/jest.config.mjs", "--maxWorkers=1", "--forceExit", patience];
conclude([unit, ...(chosen.length > 0 ? [await jest("whole", [...interfaceArgs, ...chosen], env)] : [])]);
