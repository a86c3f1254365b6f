import { z } from "zod";
import { type Plan } from "../document";
import { id, name } from "../fields";
import { type Parts, twiceIn } from "../section";

/** What uses the electricity, what stores it, and what else brings some. Things here have ids; what they say comes with the stop. */

const named = z.array(z.strictObject({ id, name })).max(100);

export const version = 1;
export const schema = z.strictObject({ loads: named, batteries: named, sources: named });

export const empty: z.infer<typeof schema> = { loads: [], batteries: [], sources: [] };
export const parts: Parts = { kind: "need", by: "field" };
export const changes = {};

export function looseIn({ need }: Plan) {
  return (
    twiceIn("need.loads", need.loads) ??
    twiceIn("need.batteries", need.batteries) ??
    twiceIn("need.sources", need.sources)
  );
}

export function fromVersion3(): unknown {
  return { loads: [], batteries: [], sources: [] };
}

export const upgrades = [];
