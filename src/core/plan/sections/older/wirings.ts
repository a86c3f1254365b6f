import { isJson, type Json, listOf } from "../../section";
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
function toVersion2(older: unknown): unknown {
  return Array.isArray(older) ? older.map((each: unknown) => (isJson(each) ? copperToVersion2(each) : each)) : older;
}

function toVersion3(older: unknown): unknown {
  return Array.isArray(older) ? older.map((each: unknown) => (isJson(each) ? copperToVersion3(each) : each)) : older;
}

/** Version 4: a port's array is called that, its rows strings, poses positions, and a panel joined past bypassed. */
function toVersion4(older: unknown): unknown {
  if (!Array.isArray(older)) return older;
  return older.map((wiring: unknown) => {
    if (!isJson(wiring)) return wiring;
    const { lanes, poseIds, rowsGiven, runs, guards, ...kept } = wiring;
    return {
      ...kept,
      positionIds: poseIds,
      portArrays: each(lanes, ({ rows, ...port }) => ({ ...port, strings: each(rows, stringOf) })),
      stringsGiven: rowsGiven,
      runs: each(runs, (run) => ({ ...run, from: endOf(run["from"]), to: endOf(run["to"]) })),
      guards: each(guards, (guard) => ({ ...guard, at: endOf(guard["at"]) })),
    };
  });
}

function stringOf({ items, ...string }: Json): Json {
  const itemOf = ({ rows, joinedPast, ...item }: Json): Json =>
    item["type"] === "group" ? { ...item, strings: each(rows, stringOf) } : { ...item, bypassed: joinedPast };
  return { ...string, items: each(items, itemOf) };
}

function endOf(end: unknown): unknown {
  if (!isJson(end) || end["type"] !== "row") return end;
  const { rowId, ...others } = end;
  return { ...others, type: "string", stringId: rowId };
}

function each(list: unknown, change: (item: Json) => Json): unknown {
  return Array.isArray(list) ? list.map((item: unknown) => (isJson(item) ? change(item) : item)) : list;
}

export const upgrades = [toVersion2, toVersion3, toVersion4];
