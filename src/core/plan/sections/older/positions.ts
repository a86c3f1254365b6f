import { type Json, listOf, mapItems } from "../../section";

/** What the positions of older plans, called poses, become. */

/**
 * Wirings of version 3 had their panels' stance, shade and tilt in them. Each gets a pose of its own, but for those in
 * which the panels stand alike: they share one.
 */
export function fromVersion3(plan: Json): unknown {
  return posesOfVersion3(plan).map(({ pose }) => pose);
}

type OldPose = {
  readonly pose: { readonly id: string; readonly name: string; readonly stands: Json[] };
  readonly wirings: Set<number>;
};

/** The poses, each with the places of the wirings it is made of. */
export function posesOfVersion3({ wirings }: Json): OldPose[] {
  const found = new Map<string, OldPose>();
  for (const [k, wiring] of listOf(wirings).entries()) {
    const stands = oldTilesOf(wiring["lanes"]).flatMap(standOfVersion3);
    const stood = JSON.stringify(
      [...stands].sort((a, b) => `${a["panelId"]}.${a["piece"]}`.localeCompare(`${b["panelId"]}.${b["piece"]}`)),
    );
    const known = found.get(stood) ?? {
      pose: { id: `pose-${found.size + 1}`, name: nameOfVersion3(stands, wiring), stands },
      wirings: new Set<number>(),
    };
    known.wirings.add(k);
    found.set(stood, known);
  }
  return found.size > 0
    ? [...found.values()]
    : [{ pose: { id: "pose-1", name: "As they lie", stands: [] }, wirings: new Set() }];
}

function nameOfVersion3(stands: readonly Json[], { name: wiringName }: Json): string {
  if (stands.length === 0) return "As they lie";
  return typeof wiringName === "string" && wiringName.trim() !== "" ? wiringName.slice(0, 80) : "Another pose";
}

/** A panel of version 3 that is not simply flat, out and in full light; of one taken out, nobody asks how it stands. */
function standOfVersion3({ panelId, piece, stance, light, tiltDeg }: Json): Json[] {
  const stand = { stance: stance === "off" ? "out" : stance, light, tiltDeg };
  const plain = stand.stance === "out" && tiltDeg === 0 && Array.isArray(light) && light.every((share) => share === 1);
  return plain ? [] : [{ panelId, piece, ...stand, azimuthDeg: null }];
}

function oldTilesOf(lanes: unknown): Json[] {
  const inRows = (rows: unknown): Json[] =>
    listOf(rows).flatMap(({ items }) =>
      listOf(items).flatMap((item) => (item["type"] === "group" ? inRows(item["rows"]) : [item])),
    );
  return listOf(lanes).flatMap(({ rows }) => inRows(rows));
}

/** Version 2: a pose may be for some hours of the day. */
const toVersion2 = (older: unknown) => mapItems(older, (pose) => ({ ...pose, hours: null }));

export const upgrades = [toVersion2];
