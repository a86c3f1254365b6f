import os from "node:os";
import path from "node:path";
import { parseArgs } from "node:util";
import { root } from "./setup.mjs";

const defaultPort = 4870;

/**
 * What the server was asked to do: flags first, then the environment, then defaults. The user's own
 * data lives outside the checkout, where cleaning the checkout cannot reach it.
 * @param {string[]} args
 * @param {{ withFile?: boolean }} allowed whether a file may be named as well
 */
export function readOptions(args, { withFile = false } = {}) {
  let values;
  /** @type {string[]} */
  let rest = [];
  try {
    ({ values, positionals: rest } = parseArgs({
      args,
      allowPositionals: withFile,
      options: {
        port: { type: "string" },
        data: { type: "string" },
        demo: { type: "boolean", default: false },
        lan: { type: "boolean", default: false },
      },
    }));
  } catch (error) {
    return stop(`${error instanceof Error ? error.message : error} Allowed: --port N, --data DIR and --lan.`);
  }
  const demo = values.demo === true;
  const portText = values.port ?? process.env["GOLDEN_ARRAY_PORT"] ?? String(defaultPort);
  const port = Number(portText);
  if (!/^\d+$/.test(portText) || port < 1 || port > 65535)
    return stop(`The port "${portText}" is not a port; allowed: 1 to 65535.`);
  const home = process.env["XDG_DATA_HOME"] ?? path.join(os.homedir(), ".local", "share");
  const dataDir = path.resolve(
    values.data ??
      process.env["GOLDEN_ARRAY_DATA"] ??
      (demo ? path.join(root, ".golden-array", "demo") : path.join(home, "golden-array")),
  );
  return { demo, port, dataDir, lan: values.lan === true, rest };
}

/** @returns {never} */
export function stop(/** @type {string} */ sentence) {
  console.error(sentence);
  process.exit(1);
}
