import { isJson, type Json, listOf } from "./section";
import { deviceFromAnyVersion, labelFromAnyVersion } from "./sheets";
import { sectionNames, sections } from "./sections";

/**
 * Steps from each older version of the document to the next, oldest first. A step takes and returns plain
 * JSON and knows no later version, so it stays right when the document moves on; what comes out is
 * validated like any other document. Anything of an unexpected shape is passed on for that to name.
 */
export const upgrades: readonly ((older: Json) => Json)[] = [
  fromVersion1,
  fromVersion2,
  fromVersion3,
  fromVersion4,
  fromVersion5,
];

/** Version 2: panels are counted, wirings are lanes of rows of panels, inputs have groups, modules and ways to convert. */
function fromVersion1(plan: Json): Json {
  const wirings = listOf(plan["wirings"]);
  const used = (panelId: unknown) =>
    wirings.reduce(
      (most, wiring) =>
        wiring["panelId"] === panelId ? Math.max(most, whole(wiring["series"]) * whole(wiring["strings"])) : most,
      1,
    );
  return {
    ...plan,
    version: 2,
    panels: listOf(plan["panels"]).map((panel) => ({ ...panel, count: used(panel["id"]), measured: null })),
    inputs: listOf(plan["inputs"]).map((input) => ({ ...input, device: deviceFromAnyVersion(input["device"]) })),
    wirings: wirings.map(({ panelId, inputId, portId, series, strings, ...kept }) => ({
      ...kept,
      note: "",
      lanes:
        panelId === null ? [] : [{ inputId, portId, rows: rowsFromVersion1(panelId, whole(series), whole(strings)) }],
    })),
  };
}

/** Version 3: labels say what a panel weighs, costs and measures when stowed; inputs what they weigh and cost. */
function fromVersion2(plan: Json): Json {
  return {
    ...plan,
    version: 3,
    panels: listOf(plan["panels"]).map((panel) => ({ ...panel, label: labelFromAnyVersion(panel["label"]) })),
    inputs: listOf(plan["inputs"]).map((input) => ({ ...input, device: deviceFromAnyVersion(input["device"]) })),
  };
}

/** Version 4: one document for the whole job, in sections that move on by themselves; each says what it was. */
function fromVersion3(plan: Json): Json {
  const { site, panels, inputs, wirings, notes, ...others } = plan;
  const old = { site, panels, inputs, wirings, notes };
  return {
    // what no version knows is among the others, for the schema to refuse
    ...others,
    version: 4,
    sections: Object.fromEntries(sectionNames.map((section) => [section, 1])),
    ...Object.fromEntries(sectionNames.map((section) => [section, sections[section].fromVersion3(old)])),
  };
}

/** Version 5: the section `schools` is called `standards`. */
function fromVersion4({ sections: versions, schools, ...plan }: Json): Json {
  if (!isJson(versions) || !("schools" in versions)) return { ...plan, sections: versions, version: 5 };
  const { schools: version, ...others } = versions;
  return { ...plan, version: 5, sections: { ...others, standards: version }, standards: schools };
}

/** Version 6: the section `poses` is called `positions`. */
function fromVersion5({ sections: versions, poses, ...plan }: Json): Json {
  if (!isJson(versions) || !("poses" in versions)) return { ...plan, sections: versions, version: 6 };
  const { poses: version, ...others } = versions;
  return { ...plan, version: 6, sections: { ...others, positions: version }, positions: poses };
}

function rowsFromVersion1(panelId: unknown, series: number, strings: number): Json[] {
  return Array.from({ length: strings }, (_, row) => ({
    blockingDiode: false,
    items: Array.from({ length: series }, (_, k) => ({
      type: "panel",
      panelId,
      piece: row * series + k + 1,
      stance: "out",
      light: [1],
      tiltDeg: 0,
    })),
  }));
}

/** A count of version 1, bounded as that version bounded it, so that a hostile file cannot ask for a million panels. */
function whole(value: unknown): number {
  return typeof value === "number" && Number.isInteger(value) ? Math.min(40, Math.max(1, value)) : 1;
}
