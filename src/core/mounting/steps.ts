import { type GateId } from "../plan";

/** Every step there is in fixing panels, from a bare roof to the first watts, as facts: what it takes, what is there after it. */

/** Bought and used up, or staying where it is put. */
export const materials = [
  "cleaner",
  "cloths",
  "abrasive",
  "primer",
  "maskingTape",
  "foamTape",
  "sealant",
  "feet",
  "legs",
  "brackets",
  "rails",
  "rivetNuts",
  "bolts",
  "skinScrews",
  "woodScrews",
  "threadLock",
  "panelClamps",
  "edgePaint",
  "cableGland",
  "wheeledFrame",
  "wedges",
  "ballast",
  "groundAnchors",
  "cableRamp",
  "slides",
  "lanyards",
  "pegs",
  "cableLock",
] as const;
export type Material = (typeof materials)[number];

export const tools = [
  "tapeMeasure",
  "ladder",
  "drill",
  "smallBit",
  "frameBit",
  "holeSaw",
  "rivetTool",
  "torqueWrench",
  "sealantGun",
  "handRoller",
  "thermometer",
  "darkSheet",
  "meter",
] as const;
export type Tool = (typeof tools)[number];

/** What there is before anything is begun, and what steps leave behind. */
export const given = ["place", "panels", "leads", "input", "battery"] as const;
export type Made =
  | (typeof given)[number]
  | "makersSheet"
  | "soundSkin"
  | "deadInside"
  | "capped"
  | "testedPanels"
  | "boxed"
  | "knownInside"
  | "outline"
  | "sureCorner"
  | "sureFrameHoles"
  | "sureFootHoles"
  | "sureRoofHole"
  | "footedPanels"
  | "taped"
  | "masked"
  | "rough"
  | "clean"
  | "primed"
  | "drilledFrames"
  | "nutted"
  | "bracketed"
  | "ribs"
  | "pilotFeet"
  | "footHoles"
  | "railed"
  | "footed"
  | "legged"
  | "warmSkin"
  | "drainPath"
  | "held"
  | "sealed"
  | "cured"
  | "frameBuilt"
  | "framed"
  | "inPlace"
  | "wedged"
  | "slid"
  | "pilotHole"
  | "roofHole"
  | "edgeDone"
  | "glandSet"
  | "cablesIn"
  | "dark"
  | "joined"
  | "fused"
  | "cutOffSet"
  | "switchedOn"
  | "driven"
  | "batteryOn"
  | "polarityKnown"
  | "pluggedIn"
  | "uncovered"
  | "tracked"
  | "output";
export type Thing = Material | Tool | Made;

export type Wait = "primer" | "tape" | "sealantSkin" | "sealantThrough" | "tracker";

export type StepFacts = {
  readonly needs: readonly Thing[];
  readonly gives: readonly Made[];
  /** Work, minutes; of each panel where it is done on each. */ readonly minutes: number;
  readonly isPerPanel?: true;
  /** What has to pass after it before the next. */ readonly wait?: Wait;
  /** It cannot be undone. */ readonly isOnce?: true;
  /** It is done twice, and the two are compared. */ readonly gate?: GateId;
};

const facts = {
  readSheet: { needs: ["panels"], gives: ["makersSheet"], minutes: 10 },
  lookOver: { needs: ["place", "ladder"], gives: ["soundSkin"], minutes: 15 },
  keepDark: { needs: ["panels", "darkSheet"], gives: ["capped"], minutes: 5 },
  proveDead: { needs: ["place", "meter"], gives: ["deadInside"], minutes: 15 },
  lookInside: { needs: ["place", "deadInside"], gives: ["knownInside"], minutes: 15 },
  testPanels: { needs: ["panels", "meter", "capped"], gives: ["testedPanels"], minutes: 3, isPerPanel: true },
  fitBox: { needs: ["outline"], gives: ["boxed"], minutes: 30 },
  feelBubbles: { needs: ["place", "ladder"], gives: ["soundSkin"], minutes: 15 },
  dryFit: { needs: ["panels", "soundSkin", "tapeMeasure"], gives: ["outline"], minutes: 15, isPerPanel: true },
  measureCorner: { needs: ["outline", "tapeMeasure"], gives: ["sureCorner"], minutes: 10, gate: "corner" },
  boltFeet: {
    needs: ["panels", "feet", "bolts", "threadLock", "torqueWrench"],
    gives: ["footedPanels"],
    minutes: 20,
    isPerPanel: true,
  },
  maskOutline: { needs: ["sureCorner", "maskingTape"], gives: ["masked"], minutes: 5, isPerPanel: true },
  roughen: { needs: ["outline", "abrasive"], gives: ["rough"], minutes: 5, isPerPanel: true },
  wash: { needs: ["outline", "cleaner", "cloths"], gives: ["clean"], minutes: 10, isPerPanel: true },
  prime: { needs: ["clean", "primer"], gives: ["primed"], minutes: 5, isPerPanel: true, wait: "primer" },
  layTape: { needs: ["footedPanels", "foamTape", "cleaner"], gives: ["taped"], minutes: 10, isPerPanel: true },
  setOnTape: {
    needs: ["taped", "sureCorner", "clean", "thermometer"],
    gives: ["held"],
    minutes: 10,
    isPerPanel: true,
    isOnce: true,
  },
  buryFeet: {
    needs: ["held", "masked", "sealant", "sealantGun"],
    gives: ["sealed"],
    minutes: 15,
    isPerPanel: true,
    wait: "tape",
  },
  markFrames: {
    needs: ["panels", "brackets", "tapeMeasure"],
    gives: ["sureFrameHoles"],
    minutes: 10,
    gate: "frameHoles",
  },
  drillFrames: {
    needs: ["sureFrameHoles", "drill", "smallBit", "frameBit", "makersSheet"],
    gives: ["drilledFrames"],
    minutes: 20,
    isPerPanel: true,
    isOnce: true,
  },
  setNuts: { needs: ["drilledFrames", "rivetNuts", "rivetTool"], gives: ["nutted"], minutes: 10, isPerPanel: true },
  boltBrackets: {
    needs: ["nutted", "brackets", "bolts"],
    gives: ["bracketed"],
    minutes: 15,
    isPerPanel: true,
  },
  boltBracketsUndrilled: {
    needs: ["panels", "brackets", "bolts"],
    gives: ["bracketed"],
    minutes: 15,
    isPerPanel: true,
  },
  bedBrackets: {
    needs: ["bracketed", "sureCorner", "clean", "sealant", "sealantGun", "thermometer"],
    gives: ["held", "sealed"],
    minutes: 20,
    isPerPanel: true,
    isOnce: true,
    wait: "sealantThrough",
  },
  tightenBrackets: {
    needs: ["held", "bolts", "threadLock", "torqueWrench"],
    gives: ["cured"],
    minutes: 5,
    isPerPanel: true,
  },
  findRibs: { needs: ["place", "outline", "rails", "tapeMeasure"], gives: ["ribs"], minutes: 15 },
  measureFootHoles: {
    needs: ["outline", "knownInside", "tapeMeasure"],
    gives: ["sureFootHoles"],
    minutes: 15,
    gate: "footHoles",
  },
  pilotFootHoles: {
    needs: ["sureFootHoles", "deadInside", "drill", "smallBit"],
    gives: ["pilotFeet"],
    minutes: 10,
    isPerPanel: true,
  },
  drillFootHoles: {
    needs: ["pilotFeet", "knownInside", "drill", "frameBit"],
    gives: ["footHoles"],
    minutes: 10,
    isPerPanel: true,
    isOnce: true,
  },
  paintFootHoles: {
    needs: ["footHoles", "edgePaint"],
    gives: ["edgeDone"],
    minutes: 5,
    isPerPanel: true,
    wait: "primer",
  },
  bedRails: {
    needs: ["footHoles", "ribs", "rails", "skinScrews", "sealant", "sealantGun"],
    gives: ["railed", "sealed"],
    minutes: 20,
    isPerPanel: true,
    wait: "sealantSkin",
  },
  clampPanels: {
    needs: ["railed", "panels", "panelClamps", "torqueWrench"],
    gives: ["held"],
    minutes: 10,
    isPerPanel: true,
  },
  tiePanels: { needs: ["held"], gives: ["cured"], minutes: 10 },
  screwFeet: {
    needs: ["pilotFeet", "feet", "woodScrews", "sealant", "sealantGun"],
    gives: ["footed", "sealed"],
    minutes: 15,
    isPerPanel: true,
    isOnce: true,
    wait: "sealantSkin",
  },
  fitLegs: {
    needs: ["footed", "legs", "bolts", "panels", "torqueWrench", "threadLock"],
    gives: ["legged", "held"],
    minutes: 20,
    isPerPanel: true,
  },
  setLegs: { needs: ["legged"], gives: ["cured"], minutes: 5, isPerPanel: true },
  planDrain: { needs: ["outline"], gives: ["drainPath"], minutes: 5, isPerPanel: true },
  warmUp: { needs: ["clean", "thermometer"], gives: ["warmSkin"], minutes: 10 },
  stickFilm: {
    needs: ["panels", "sureCorner", "warmSkin", "clean", "drainPath"],
    gives: ["held"],
    minutes: 20,
    isPerPanel: true,
    isOnce: true,
  },
  rollFilm: { needs: ["held", "handRoller"], gives: ["cured"], minutes: 10, isPerPanel: true },
  sealFilm: {
    needs: ["held", "drainPath", "sealant", "sealantGun"],
    gives: ["sealed"],
    minutes: 15,
    isPerPanel: true,
    wait: "tape",
  },
  chooseSpot: { needs: ["place"], gives: ["outline"], minutes: 10 },
  buildFrame: { needs: ["wheeledFrame", "bolts", "torqueWrench"], gives: ["frameBuilt"], minutes: 60 },
  boltToFrame: {
    needs: ["frameBuilt", "panels", "panelClamps", "torqueWrench"],
    gives: ["framed"],
    minutes: 15,
    isPerPanel: true,
  },
  rollOut: { needs: ["framed", "outline"], gives: ["inPlace"], minutes: 15 },
  wedgeWheels: { needs: ["inPlace", "wedges"], gives: ["wedged"], minutes: 5 },
  loadBallast: { needs: ["wedged", "ballast"], gives: ["held"], minutes: 20 },
  setAnchors: { needs: ["wedged", "groundAnchors"], gives: ["cured"], minutes: 20 },
  fitSlides: {
    needs: ["place", "outline", "slides", "bolts", "threadLock", "torqueWrench"],
    gives: ["frameBuilt"],
    minutes: 60,
  },
  clampToSlides: {
    needs: ["frameBuilt", "panels", "panelClamps", "torqueWrench"],
    gives: ["held"],
    minutes: 15,
    isPerPanel: true,
  },
  tieLanyards: { needs: ["held", "lanyards"], gives: ["cured"], minutes: 5, isPerPanel: true },
  trySliding: { needs: ["cured", "held"], gives: ["slid"], minutes: 10 },
  unfold: { needs: ["panels", "outline"], gives: ["inPlace"], minutes: 3, isPerPanel: true },
  aim: { needs: ["inPlace"], gives: ["framed"], minutes: 3, isPerPanel: true },
  pegLegs: { needs: ["framed", "pegs"], gives: ["held"], minutes: 5, isPerPanel: true },
  lockUp: { needs: ["held", "cableLock"], gives: ["cured"], minutes: 3 },
  layLead: { needs: ["held", "leads"], gives: ["cablesIn"], minutes: 10 },
  layBuried: { needs: ["held", "leads", "cableRamp"], gives: ["cablesIn"], minutes: 30 },
  measureRoofHole: {
    needs: ["outline", "knownInside", "tapeMeasure"],
    gives: ["sureRoofHole"],
    minutes: 10,
    gate: "roofHole",
  },
  pilotRoofHole: { needs: ["sureRoofHole", "deadInside", "drill", "smallBit"], gives: ["pilotHole"], minutes: 5 },
  cutRoofHole: { needs: ["pilotHole", "drill", "holeSaw"], gives: ["roofHole"], minutes: 15, isOnce: true },
  finishEdge: { needs: ["roofHole", "edgePaint"], gives: ["edgeDone"], minutes: 5, wait: "primer" },
  setGland: { needs: ["roofHole", "cableGland", "sealant", "sealantGun"], gives: ["glandSet"], minutes: 15 },
  openGland: { needs: ["place", "deadInside", "cableGland"], gives: ["glandSet"], minutes: 10 },
  threadCables: {
    needs: ["glandSet", "leads"],
    gives: ["cablesIn"],
    minutes: 20,
    wait: "sealantSkin",
  },
  threadOld: { needs: ["glandSet", "leads"], gives: ["cablesIn"], minutes: 20 },
  coverUp: { needs: ["held", "panels", "darkSheet"], gives: ["dark"], minutes: 5 },
  joinRows: { needs: ["dark", "cablesIn", "panels", "leads"], gives: ["joined"], minutes: 15 },
  putFuses: { needs: ["joined"], gives: ["fused"], minutes: 5 },
  polarity: { needs: ["joined", "leads", "meter"], gives: ["polarityKnown"], minutes: 5 },
  batteryFirst: { needs: ["battery", "input"], gives: ["batteryOn"], minutes: 10 },
  setCutOff: { needs: ["batteryOn", "input"], gives: ["cutOffSet"], minutes: 5 },
  wakeStation: { needs: ["input"], gives: ["batteryOn"], minutes: 2 },
  plugIn: { needs: ["polarityKnown", "batteryOn", "input", "leads", "darkSheet"], gives: ["pluggedIn"], minutes: 3 },
  switchOn: { needs: ["pluggedIn"], gives: ["switchedOn"], minutes: 1 },
  uncover: { needs: ["pluggedIn", "darkSheet", "panels"], gives: ["uncovered"], minutes: 2, wait: "tracker" },
  readDisplay: { needs: ["uncovered", "input"], gives: ["output"], minutes: 3 },
  firstDrive: { needs: ["output", "torqueWrench"], gives: ["driven"], minutes: 20 },
  firstDriveFilm: { needs: ["output"], gives: ["driven"], minutes: 10 },
} as const satisfies Readonly<Record<string, StepFacts>>;

export type StepId = keyof typeof facts;
export const stepFacts: Readonly<Record<StepId, StepFacts>> = facts;
export const stepIds = Object.keys(facts) as readonly StepId[];
