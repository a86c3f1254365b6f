import { type Json, listOf } from "../../section";

/** Version 2: cables say how long, where and how thick; a junction is a port's, one with only a name a point. */
export function copperToVersion2(wiring: Json): Json {
  const endFrom = (end: unknown) =>
    typeof end === "object" && end !== null && (end as Json)["type"] === "junction" ? { ...end, type: "point" } : end;
  return {
    ...wiring,
    runs: listOf(wiring["runs"]).map((run) => ({
      ...run,
      from: endFrom(run["from"]),
      to: endFrom(run["to"]),
      lengthMm: null,
      wayId: null,
      lies: null,
      portable: null,
      size: null,
    })),
    guards: [],
  };
}

/** Version 3: where a cable lies and how it is laid are two questions; what guards a battery says what it can interrupt. */
export function copperToVersion3(wiring: Json): Json {
  return {
    ...wiring,
    runs: listOf(wiring["runs"]).map(({ lies, ...run }) => ({
      ...run,
      where: lies === "roof" || lies === "inside" ? lies : lies === "buried" ? "ground" : null,
      // a conduit is as hot as the place it lies in, and nobody has said which: the careful one is taken
      how: lies === "conduit" || lies === "buried" ? lies : null,
      circuits: null,
      terminalC: null,
    })),
    guards: listOf(wiring["guards"]).map((guard) => ({ ...guard, breaksA: null })),
  };
}
