import { isJson, type Json, listOf, mapItems, renamed } from "../../section";
import { copperToVersion2, copperToVersion3 } from "./copper";
import { posesOfVersion3 } from "./positions";

/** What the wirings of older plans become. Names of older versions are as those versions had them. */

/** Rows of version 3 had no id; panels had their stance in the wiring, of which only "taken out" moves a plug. */
export function fromVersion3(plan: Json): unknown {
  const { wirings } = plan;
  if (!Array.isArray(wirings)) return wirings;
  const poses = posesOfVersion3(plan);
  return listOf(wirings).map((wiring, k) => {
    let rowsGiven = 0;
    const rowsFrom = (rows: unknown): unknown =>
      !Array.isArray(rows)
        ? rows
        : rows.map((row: unknown) => {
            if (typeof row !== "object" || row === null) return row;
            const id = `r${++rowsGiven}`;
            const { items, ...kept } = row as Json;
            return { id, ...kept, items: Array.isArray(items) ? items.map(itemFrom) : items };
          });
    const itemFrom = (item: unknown): unknown => {
      if (typeof item !== "object" || item === null) return item;
      const { type, panelId, piece, stance } = item as Json;
      return type === "group"
        ? { ...item, rows: rowsFrom((item as Json)["rows"]) }
        : { type, panelId, piece, joinedPast: stance === "off" };
    };
    const lanes = Array.isArray(wiring["lanes"])
      ? wiring["lanes"].map((lane: unknown) =>
          typeof lane === "object" && lane !== null ? { ...lane, rows: rowsFrom((lane as Json)["rows"]) } : lane,
        )
      : wiring["lanes"];
    const poseIds = poses.filter((each) => each.wirings.has(k)).map(({ pose }) => pose.id);
    return { ...wiring, poseIds, lanes, rowsGiven, runs: [] };
  });
}

/** Version 2: cables say what they are made of; there are fuses and switches. */
const toVersion2 = (older: unknown) => mapItems(older, copperToVersion2);

const toVersion3 = (older: unknown) => mapItems(older, copperToVersion3);

/** Version 4: a port's array is called that, its rows strings, poses positions, and a panel joined past bypassed. */
function toVersion4(older: unknown): unknown {
  return mapItems(older, (wiring) =>
    renamed(
      {
        ...wiring,
        lanes: mapItems(wiring["lanes"], withStrings),
        runs: mapItems(wiring["runs"], (run) => ({ ...run, from: endOf(run["from"]), to: endOf(run["to"]) })),
        guards: mapItems(wiring["guards"], (guard) => ({ ...guard, at: endOf(guard["at"]) })),
      },
      { lanes: "portArrays", poseIds: "positionIds", rowsGiven: "stringsGiven" },
    ),
  );
}

/** What has rows, a lane or a group, with strings in their place. */
function withStrings(holder: Json): unknown {
  const stringOf = (row: Json) => ({ ...row, items: mapItems(row["items"], itemOf) });
  const itemOf = (item: Json) =>
    item["type"] === "group" ? withStrings(item) : renamed(item, { joinedPast: "bypassed" });
  return renamed({ ...holder, rows: mapItems(holder["rows"], stringOf) }, { rows: "strings" });
}

function endOf(end: unknown): unknown {
  return isJson(end) && end["type"] === "row" ? renamed({ ...end, type: "string" }, { rowId: "stringId" }) : end;
}

export const upgrades = [toVersion2, toVersion3, toVersion4];
