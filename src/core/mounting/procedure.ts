import { branchesOfRows, jointOfLane, needsFuse, ratedPanel } from "../protection/cabling";
import { type Fixing, fuseAt, type GateId, type Plan, type School, type Skin, switchAt } from "../plan";
import { keyOf, usedIn } from "../engine/array";
import { surfacesUnder } from "./load";
import { schoolFacts } from "./schools";
import { skinFacts, skinOf } from "./skins";
import { type StepId, stepFacts } from "./steps";

/** What decides which steps a school takes for these panels. */
export type Way = {
  readonly school: School;
  readonly skin: Skin | null;
  /** Whether cables go through the roof, and by a hole there is. */ readonly hole: "new" | "old" | "none";
  readonly drillsFrame: boolean;
  /** Of what these panels feed, in any wiring: a controller with its battery to be joined, string fuses, an isolator, a combiner box. */
  readonly hasBattery: boolean;
  readonly hasFuses: boolean;
  readonly hasSwitch: boolean;
  readonly hasBox: boolean;
};

/** What surrounds a gland that is there, or to be cut, where the panels of a fixing lie. */
export function wayOf(plan: Plan, fixing: Fixing): Way {
  const on = surfacesUnder(plan, fixing);
  const here = plan.space.glands.filter(({ surfaceId }) => on.some(({ id }) => id === surfaceId));
  const onGround = fixing.school === "groundFrame" || fixing.school === "foldingLegs";
  return {
    school: fixing.school,
    skin: skinOf(fixing),
    // an existing hole before a new one; with none drawn one is cut
    hole: onGround || fixing.school === "boatFrame" ? "none" : here.some(({ existing }) => existing) ? "old" : "new",
    drillsFrame: fixing.frameDrilled ?? schoolFacts[fixing.school].drillsFrame,
    ...joinedTo(plan, fixing),
  };
}

/** What stands between the panels of a fixing and what they feed, in any of the plan's wirings. */
function joinedTo(
  plan: Plan,
  { pieces, school }: Fixing,
): Pick<Way, "hasBattery" | "hasFuses" | "hasSwitch" | "hasBox"> {
  const held = new Set(pieces.map(keyOf));
  const lanes = plan.wirings.flatMap((wiring) =>
    wiring.lanes
      .filter(({ rows }) => usedIn(rows).some((tile) => held.has(keyOf(tile))))
      .map((lane) => ({ lane, guards: wiring.guards })),
  );
  const isStrict = plan.schools.fuse === "strict";
  return {
    hasBattery: lanes.some(
      ({ lane }) => plan.inputs.find(({ id }) => id === lane.inputId)?.device.kind === "chargeController",
    ),
    hasFuses: lanes.some(({ lane, guards }) =>
      (branchesOfRows(lane.rows, (tile) => ratedPanel(plan, tile)) ?? []).some(
        (branch) =>
          needsFuse(branch, isStrict) ||
          (branch.row.id !== null && fuseAt(guards, { type: "row", rowId: branch.row.id }) !== null),
      ),
    ),
    hasSwitch:
      lanes.some(({ lane: { inputId, portId }, guards }) =>
        inputId === null || portId === null ? false : switchAt(guards, { type: "isolator", inputId, portId }) !== null,
      ) ||
      (lanes.length > 0 && school !== "foldingLegs"),
    hasBox: lanes.some(({ lane }) => jointOfLane(plan, lane) === "box"),
  };
}

/**
 * The steps of a fixing in their order, from a bare place to the first watts: what lies under the panels (hole, gland, combiner box) is
 * done and every panel tested before any is fixed for good.
 */
export function procedureOf(way: Way): readonly StepId[] {
  return [
    ...beginning(way),
    ...opening(way),
    ...(way.hasBox ? (["fitBox"] as const) : []),
    "testPanels",
    ...fixingSteps(way),
    ...threading(way),
    ...connecting(way),
    ...afterwards(way),
  ];
}

function beginning(way: Way): StepId[] {
  // what is behind the skin is made dead before anybody opens it, feels for it or drills
  const inside: StepId[] = way.hole === "new" ? ["proveDead", "lookInside"] : way.hole === "old" ? ["proveDead"] : [];
  switch (way.school) {
    case "tapedFeet":
    case "gluedBrackets":
      return ["readSheet", "keepDark", "lookOver", ...inside, "dryFit"];
    case "film":
      return ["readSheet", "keepDark", "feelBubbles", ...inside, "dryFit"];
    case "ribRails":
    case "screwedFeet":
      return ["readSheet", "keepDark", "lookOver", "proveDead", "lookInside", "dryFit"];
    case "groundFrame":
    case "foldingLegs":
      // nothing of theirs goes through a roof
      return ["readSheet", "keepDark", "chooseSpot"];
    case "boatFrame":
      return ["readSheet", "keepDark", ...inside, "chooseSpot"];
  }
}

function fixingSteps(way: Way): StepId[] {
  const ready = readySkin(way.skin);
  switch (way.school) {
    case "tapedFeet":
      return ["measureCorner", "boltFeet", "maskOutline", ...ready, "layTape", "setOnTape", "buryFeet"];
    case "gluedBrackets":
      return [
        "measureCorner",
        ...((way.drillsFrame
          ? ["markFrames", "drillFrames", "setNuts", "boltBrackets"]
          : ["boltBracketsUndrilled"]) satisfies StepId[]),
        ...ready,
        "bedBrackets",
        "tightenBrackets",
      ];
    case "ribRails":
      return [
        "findRibs",
        "measureFootHoles",
        "pilotFootHoles",
        "drillFootHoles",
        ...(edgeIsPainted(way) ? (["paintFootHoles"] as const) : []),
        "bedRails",
        "clampPanels",
        "tiePanels",
      ];
    case "film":
      return ["measureCorner", "planDrain", ...ready, "warmUp", "stickFilm", "rollFilm", "sealFilm"];
    case "screwedFeet":
      return ["measureFootHoles", "pilotFootHoles", "screwFeet", "fitLegs", "setLegs"];
    case "groundFrame":
      return ["buildFrame", "boltToFrame", "rollOut", "wedgeWheels", "loadBallast", "setAnchors"];
    case "boatFrame":
      return ["fitSlides", "clampToSlides", "tieLanyards", "trySliding"];
    case "foldingLegs":
      return ["unfold", "aim", "pegLegs", "lockUp"];
  }
}

function readySkin(skin: Skin | null): StepId[] {
  // of a skin nobody named the most careful: roughened and primed does no harm to any that glue holds on
  const { isAbraded, primer } = skin === null ? { isAbraded: true, primer: "metal" } : skinFacts[skin];
  return [...(isAbraded ? (["roughen"] as const) : []), "wash", ...(primer === null ? [] : (["prime"] as const))];
}

function edgeIsPainted({ skin }: Way): boolean {
  return skin === null || skinFacts[skin].edgeIsPainted;
}

/** The hole for the cables and its gland: cut before a panel covers the place. */
function opening(way: Way): StepId[] {
  if (isOnLead(way)) return [];
  if (way.hole === "old") return ["openGland"];
  return [
    "measureRoofHole",
    "pilotRoofHole",
    "cutRoofHole",
    ...(edgeIsPainted(way) ? (["finishEdge"] as const) : []),
    "setGland",
  ];
}

function threading(way: Way): StepId[] {
  if (way.school === "groundFrame") return ["layBuried"];
  if (isOnLead(way)) return ["layLead"];
  return [way.hole === "old" ? "threadOld" : "threadCables"];
}

function isOnLead({ school, hole }: Way): boolean {
  return hole === "none" || school === "foldingLegs" || school === "groundFrame";
}

/** Joined dark; fuses in, then the meter, then the battery's side, then the isolator, then light. */
function connecting({ hasBattery, hasFuses, hasSwitch }: Way): StepId[] {
  return [
    "coverUp",
    "joinRows",
    ...(hasFuses ? (["putFuses"] as const) : []),
    "polarity",
    ...((hasBattery ? ["batteryFirst", "setCutOff"] : ["wakeStation"]) satisfies StepId[]),
    "plugIn",
    ...(hasSwitch ? (["switchOn"] as const) : []),
    "uncover",
    "readDisplay",
  ];
}

/** What shakes loose shows after the first drive. */
function afterwards({ school }: Way): StepId[] {
  if (!schoolFacts[school].travels) return [];
  return [school === "film" ? "firstDriveFilm" : "firstDrive"];
}

/** The gates of a procedure, in their order. */
export function gatesOf(steps: readonly StepId[]): readonly { readonly gate: GateId; readonly step: StepId }[] {
  return steps.flatMap((step) => {
    const { gate } = stepFacts[step];
    return gate === undefined ? [] : [{ gate, step }];
  });
}

/** The first step that cannot be undone and comes of what a gate measures, by way of whatever steps. */
export function guardedBy(steps: readonly StepId[], gateStep: StepId): StepId | null {
  const sure = new Set<string>(stepFacts[gateStep].gives);
  for (const step of steps.slice(steps.indexOf(gateStep) + 1)) {
    const { needs, gives, isOnce } = stepFacts[step];
    if (!needs.some((thing) => sure.has(thing))) continue;
    if (isOnce === true) return step;
    for (const made of gives) sure.add(made);
  }
  return null;
}
