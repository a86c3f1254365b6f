import { parseArgs } from "node:util";
import { ensureBuilt, ensureInstalled } from "./setup.mjs";
import { conclude, ensureDebian, jest } from "./testing/parts.mjs";

/**
 * What cannot be quick: the tests that draw their cases, many times as often as in `npm test`, and the kills. Takes an hour
 * or so; `--effort N` sets how many times as often, `--only NAME` takes the tests whose file has NAME in its path, and
 * GOLDEN_ARRAY_SEED draws other cases.
 */
const { values } = parseArgs({ options: { effort: { type: "string", default: "50" }, only: { type: "string" } } });
const patience = "--testTimeout=36000000";
const env = { GOLDEN_ARRAY_EFFORT: values.effort };
const files = values.only === undefined ? [] : [values.only, "--passWithNoTests"];

ensureInstalled();
ensureDebian("/usr/bin/ngspice", "ngspice", "the circuit simulator our netlists are checked in");
const unit = await jest("unit", ["--maxWorkers=2", patience, ...files], env);
const kills = "durability";
const wanted = values.only === undefined || kills.includes(values.only);
if (wanted) await ensureBuilt();
const interfaceArgs = ["--config", "e2e/jest.config.mjs", "--maxWorkers=1", "--forceExit", kills];
conclude([unit, ...(wanted ? [await jest("kills", interfaceArgs, env)] : [])]);
