import { type Fixing, type GateId, type Plan, type School, type Skin } from "../plan";
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
  };
}

/** The steps of a fixing in their order, from a bare place to the first watts. */
export function procedureOf(way: Way): readonly StepId[] {
  return [...beginning(way), ...fixingSteps(way), ...cables(way), ...connecting];
}

function beginning({ school, hole }: Way): StepId[] {
  switch (school) {
    case "tapedFeet":
    case "gluedBrackets":
      return ["readSheet", "lookOver", ...(hole === "new" ? (["lookInside"] as const) : []), "dryFit"];
    case "film":
      return ["readSheet", "feelBubbles", ...(hole === "new" ? (["lookInside"] as const) : []), "dryFit"];
    case "ribRails":
    case "screwedFeet":
      return ["readSheet", "lookOver", "lookInside", "dryFit"];
    case "groundFrame":
    case "foldingLegs":
      return ["readSheet", "chooseSpot"];
    case "boatFrame":
      return ["readSheet", ...(hole === "new" ? (["lookInside"] as const) : []), "chooseSpot"];
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

function cables(way: Way): StepId[] {
  if (way.school === "groundFrame") return ["layBuried"];
  if (way.hole === "none" || way.school === "foldingLegs") return ["layLead"];
  if (way.hole === "old") return ["openGland", "threadOld"];
  return [
    "measureRoofHole",
    "pilotRoofHole",
    "cutRoofHole",
    ...(edgeIsPainted(way) ? (["finishEdge"] as const) : []),
    "setGland",
    "threadCables",
  ];
}

const connecting: readonly StepId[] = [
  "coverUp",
  "joinRows",
  "batteryFirst",
  "polarity",
  "plugIn",
  "uncover",
  "readDisplay",
];

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
