import { createHash } from "node:crypto";
import { readFile } from "node:fs/promises";
import { answer, fault, guarded } from "@/server/http";

export const dynamic = "force-dynamic";

/** The script that goes into a sheet that is taken along, with its hash, by which alone the sheet lets it run. */
export function GET(): Promise<Response> {
  return guarded(async () => {
    const file = process.env["GOLDEN_ARRAY_PHONE_SHEET"];
    if (file === undefined)
      throw fault("server", "Phone sheets need the built application: start it with “npm run demo”.");
    const script = await readFile(file, "utf8");
    return answer({ script, sha256: createHash("sha256").update(script).digest("base64") });
  });
}
