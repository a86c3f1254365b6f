import { isJson, type Json, listOf, mapItems, renamed, renamedInLists } from "../../section";

export function fromVersion3(): unknown {
  return { surfaces: [], obstacles: [], places: [] };
}

/** Version 2: surfaces have an outline, obstacles a shape, panels a gap; there are zones. */
function toVersion2(older: unknown): unknown {
  if (!isJson(older)) return older;
  const roof = [
    { xMm: 0, yMm: 0 },
    { xMm: 2000, yMm: 0 },
    { xMm: 2000, yMm: 5000 },
    { xMm: 0, yMm: 5000 },
  ];
  return {
    surfaces: listOf(older["surfaces"]).map((item) => ({ kind: "roof", outline: roof, headingDeg: null, ...item })),
    obstacles: listOf(older["obstacles"]).map((item) => ({
      kind: "own",
      xMm: 0,
      yMm: 0,
      zMm: 0,
      shape: { type: "box", lengthMm: 400, widthMm: 400, heightMm: 100, turnDeg: 0 },
      clearanceMm: 0,
      planned: false,
      ...item,
    })),
    zones: [],
    places: listOf(older["places"]).map((item) => ({ gapMm: 40, ...item })),
  };
}

/** Version 3: slopes, ribs, loads and photos; places in poses; glands, cable ways, lockers; the lowest bridge. */
function toVersion3(older: unknown): unknown {
  if (!isJson(older)) return older;
  const more = {
    slopeDeg: 0,
    fallsToDeg: 0,
    ribs: null,
    camberMm: 0,
    loadKg: null,
    heightMm: null,
    photo: null,
  };
  return {
    ...older,
    surfaces: listOf(older["surfaces"]).map((item) => ({ ...more, ...item })),
    places: listOf(older["places"]).map((item) => ({ inPoses: [], ...item })),
    glands: [],
    ways: [],
    lockers: [],
    clearHeightMm: null,
    leadMm: null,
  };
}

/** Version 4: the limit of a locker's load is called that. */
function toVersion4(older: unknown): unknown {
  return renamedInLists(older, { lockers: { mostKg: "maxKg" } });
}

/** Version 5: poses are called positions. */
function toVersion5(older: unknown): unknown {
  if (!isJson(older)) return older;
  const placeOf = (place: Json) => ({
    ...place,
    inPoses: mapItems(place["inPoses"], (lying) => renamed(lying, { poseId: "positionId" })),
  });
  const places = mapItems(older["places"], placeOf);
  return renamedInLists({ ...older, places }, { places: { inPoses: "inPositions" } });
}

export const upgrades = [toVersion2, toVersion3, toVersion4, toVersion5];
