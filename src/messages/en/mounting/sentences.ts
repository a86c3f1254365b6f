import { type Load, type Material, type Taken, type Tool, type WindCase } from "@/core/mounting";
import { type GateId, type MountingMethodId, type RoofSurface } from "@/core/plan";
import { type UnitSystem } from "@/core/engine/units";
import { amount, given } from "../format";

/** What mounting methods, roof surfaces, materials and tools are called, and what is said of each. */

export const methodWords: Readonly<
  Record<MountingMethodId, { readonly name: string; readonly suits: string; readonly watch: string }>
> = {
  tapedFeet: {
    name: "Feet on foam tape, buried in sealant",
    suits: "Metal or fibreglass roofs, no holes.",
    watch: "Clean and prime to suit the surface. Only the tape’s strength is counted. Do not drive until it has cured.",
  },
  gluedBrackets: {
    name: "Long glued brackets, panels bolted to them",
    suits: "Aluminium and steel roofs; the panels can come off later.",
    watch: "Drilling the frames may end their warranty. Washers and thread-lock, or they shake loose.",
  },
  ribRails: {
    name: "Rails screwed at the roof’s ribs",
    suits: "Ribbed van roofs: few holes, each sealed; panels can be moved.",
    watch: "What hides under the ribs; every hole; lock washers; panels tied together.",
  },
  film: {
    name: "Film or a panel that bends, stuck flat",
    suits: "Smooth roofs, little weight, to be walked on.",
    watch: "The adhesive gets hot; you get one try; bubbles in the surface show; leave a drain at the junction box.",
  },
  screwedFeet: {
    name: "Adjustable feet screwed down",
    suits: "Porch, shed and cabin roofs; snow.",
    watch: "Screws into rafters and not into boards; room for a hand and a spanner; steep in winter.",
  },
  groundFrame: {
    name: "Frame on wheels, on the ground",
    suits: "Yards and seasonal pitches.",
    watch: "Wind turns it over: ballast and anchors. Wheels wedged; the cable out of harm’s way.",
  },
  boatFrame: {
    name: "Slides, arch or rail, afloat",
    suits: "Boats. What stays up in a gale is judged by the gust.",
    watch: "Salt, wind, lines. What is covered when stowed belongs on an input of its own.",
  },
  foldingLegs: {
    name: "Folding panel on its legs",
    suits: "Camping: aimed by hand, stowed at night.",
    watch: "A gust can lift it like a kite; it can be stolen.",
  },
};

export const roofSurfaceWords: Readonly<Record<RoofSurface, string>> = {
  paintedSteel: "painted steel",
  bareSteel: "bare or zinced steel",
  paintedAluminium: "painted aluminium",
  bareAluminium: "bare aluminium",
  gelcoat: "fibreglass (gelcoat)",
  rubber: "rubber or plastic membrane",
  wood: "wood",
  bars: "roof bars or tubes",
  canvas: "canvas",
  earth: "the ground",
};

/** How a skin is made ready, as it is said in the table of skins. */
export const primerWords: Readonly<Record<"paint" | "metal" | "plastic" | "wood", string>> = {
  paint: "primer for paint",
  metal: "primer for metal",
  plastic: "primer for plastics",
  wood: "primer that closes the wood",
};

export const materialWords: Readonly<Record<Material, string>> = {
  cleaner: "cleaner (isopropanol), bottles of 250 ml",
  cloths: "lint-free cloths",
  abrasive: "fine abrasive pads",
  primer: "primer, bottles of 100 ml",
  maskingTape: "masking tape, rolls",
  foamTape: "structural foam tape",
  sealant: "polyurethane adhesive sealant, cartridges of 290 ml",
  feet: "feet",
  legs: "adjustable legs",
  brackets: "glued brackets",
  rails: "rails",
  rivetNuts: "rivet nuts M6, steel",
  bolts: "bolts M6 × 20 A2-70, with washers and lock washers",
  skinScrews: "sealing screws or rivets for sheet, stainless",
  woodScrews: "wood screws 6 × 60, stainless A2",
  threadLock: "thread-lock, medium",
  panelClamps: "panel clamps",
  edgePaint: "paint for cut edges, tin",
  cableGland: "roof gland for two cables, with its cover",
  wheeledFrame: "ground frame on wheels",
  wedges: "wheel wedges",
  ballast: "ballast",
  groundAnchors: "ground anchors",
  cableRamp: "cable ramp or conduit",
  slides: "slides or pockets, pairs",
  lanyards: "lanyards",
  pegs: "pegs and lines",
  cableLock: "steel cable with a lock",
};

export function materialName({ part, sizeMm }: Pick<Taken, "part" | "sizeMm">, system: UnitSystem): string {
  if (sizeMm === null) return materialWords[part];
  const size = amount(sizeMm, "mm", system);
  return part === "foamTape" ? `${materialWords[part]}, ${size} wide` : `${materialWords[part]}, ${size}`;
}

export function takenWords({ count, unit }: Pick<Taken, "count" | "unit">, system: UnitSystem): string {
  return unit === "pieces" ? String(count) : unit === "kg" ? amount(count, "kg", system) : given(count, "m", system);
}

const toolWords: Readonly<Record<Tool, string>> = {
  tapeMeasure: "tape measure and a long straight edge",
  ladder: "ladder with somebody at its foot",
  drill: "drill",
  smallBit: "3 mm bit with a depth stop",
  frameBit: "bits to size: 9.1 mm for M6 rivet nuts, 11.1 mm for M8; screws to their data sheet",
  holeSaw: "hole saw to the gland’s size, with a pilot",
  rivetTool: "rivet nut tool",
  torqueWrench: "torque wrench",
  sealantGun: "sealant gun",
  handRoller: "hand roller",
  thermometer: "surface thermometer",
  darkSheet: "dark blanket or card to cover the panels",
  meter: "meter for DC volts",
};

/** A tool with its size where the plan has one: "hole saw, 28 mm, with a pilot". */
export function toolName(tool: Tool, holeMm: number | null, system: UnitSystem): string {
  return tool === "holeSaw" && holeMm !== null
    ? `hole saw, ${amount(holeMm, "mm", system)}, with a pilot`
    : toolWords[tool];
}

export const gateWords: Readonly<Record<GateId, { readonly name: string; readonly what: string }>> = {
  corner: {
    name: "The first corner",
    what: "the panel’s corner nearest to the back left, from the left edge and from the back edge of the roof",
  },
  roofHole: {
    name: "The hole for the cables",
    what: "the middle of the hole, from the left edge and from the back edge of the roof",
  },
  footHoles: {
    name: "The first hole of the feet",
    what: "the hole nearest to the back left, from the left edge and from the back edge",
  },
  frameHoles: {
    name: "The first hole in the frames",
    what: "the first hole in a frame, from its left end and from its back edge",
  },
};

/** How the wind meets a panel, in a sentence. */
export const windCaseWords: Readonly<Record<WindCase, string>> = {
  film: "stuck flat",
  flat: "flat over a gap",
  flatLeading: "flat, first behind the windscreen edge",
  tilted: "tilted",
};

/** Which wind it is: "driving at 100 km/h against 50 km/h (41.7 m/s)". */
export function windWords(
  { all, speedKmh, speedIsAssumed, gustIsAssumed, stowIsAssumed }: Load,
  system: UnitSystem,
): string {
  const speed = amount(all.windMs, "m/s", system);
  const assumed = (is: boolean) => (is ? ", assumed" : "");
  switch (all.by) {
    case "driving":
      return `driving at ${given(speedKmh, "km/h", system)} against ${given(50, "km/h", system)} of wind (${speed}${assumed(speedIsAssumed)})`;
    case "gust":
      return `a gust of ${speed}${gustIsAssumed ? " (assumed)" : ""}`;
    case "stowing":
      return `the wind at which it is stowed (${speed}${assumed(stowIsAssumed)})`;
  }
}

export const mountCautions: readonly string[] = [
  "Planning values, not a structural design. For anything above people or a road, follow the maker’s data sheet and ask a structural engineer.",
  "Roofs and ladders: ladder tied, somebody at its foot, fall protection above 2 m, no work in wind or wet, never on a skylight or a thin roof. Two people lift a panel.",
  "Before anything is opened, felt behind or drilled: shore power, inverter, generator, battery and gas off, and proven dead.",
  "Solvents, primers and polyurethane fume: outdoors, gloves, no flame.",
  "Panels are live whenever there is light. Cover them before a connector is touched.",
  "A roof or rack can carry what its maker states, and less when driving. Holes in a vehicle or a building can need permission: ask first.",
];
