import path from "node:path";
import { fileURLToPath } from "node:url";

/** The folder of the project. */
export const root = path.dirname(path.dirname(fileURLToPath(import.meta.url)));
