import {
  coldestTapeC,
  feetOf,
  guideTorqueNm,
  type MountReport,
  rivetNutHoleMm,
  roofSurfaceFacts,
  type StepId,
  type Thing,
} from "@/core/mounting";
import { type UnitSystem } from "@/core/engine/units";
import { amount, counted, given } from "./format";
import { primerWords, roofSurfaceWords } from "./mount";

/** By what word each thing goes in the steps: a test reads them by it, so that no step speaks of what nobody has told of. */
export const thingNouns: Readonly<Partial<Record<Thing, string>>> = {
  cleaner: "cleaner",
  cloths: "cloth",
  abrasive: "abrasive pad",
  primer: "primer",
  maskingTape: "masking tape",
  foamTape: "foam tape",
  sealant: "sealant",
  legs: "adjustable legs",
  brackets: "bracket",
  rails: "rails",
  rivetNuts: "rivet nut",
  skinScrews: "sealing screw",
  woodScrews: "wood screw",
  threadLock: "thread-lock",
  panelClamps: "panel clamp",
  edgePaint: "edge paint",
  cableGland: "gland",
  wheeledFrame: "wheeled frame",
  wedges: "wedge",
  ballast: "ballast",
  groundAnchors: "anchor",
  cableRamp: "ramp",
  slides: "the slides",
  lanyards: "lanyard",
  pegs: "peg",
  cableLock: "steel cable",
  tapeMeasure: "tape measure",
  ladder: "ladder",
  drill: "drill ",
  smallBit: "3 mm bit",
  holeSaw: "hole saw",
  rivetTool: "rivet nut tool",
  torqueWrench: "torque wrench",
  sealantGun: "sealant gun",
  handRoller: "roller",
  thermometer: "thermometer",
  darkSheet: "dark blanket",
  meter: "meter for DC",
  leads: "leads",
  battery: "battery",
  input: "input",
  outline: "outline",
  pilotHole: "pilot hole",
  pilotFeet: "pilots of the feet",
  footHoles: "opened holes",
  roofHole: "cut hole",
  makersSheet: "maker’s sheet",
  drainPath: "way out for water",
  ribs: "ribs found",
  knownInside: "looked inside",
};

export type StepWords = { readonly what: string; readonly how: string };

/** What a good panel reads in daylight, hot or cold, by kinds. */
function expectedVolts({ openVolts }: MountReport): string {
  return openVolts
    .map(
      ({ name, vocV, lowV, highV }) =>
        `${name}: about ${amount(vocV, "V")}, at least ${amount(lowV, "V")} (hot, dull), at most ${amount(highV, "V")} (cold).`,
    )
    .join(" ");
}

/** One step of this very fixing: what is done, and how it is done right. */
export function mountStepWords(step: StepId, report: MountReport, system: UnitSystem): StepWords {
  const { fixing, conditions, held } = report;
  const panels = fixing.pieces.length;
  const { feet, footLongMm } = feetOf(fixing, held?.load.longMm ?? 0);
  const all = (count: number, one: string) => counted(count * Math.max(1, panels), one);
  const skin =
    conditions.roofSurface === null ? "the roof surface, not yet entered" : roofSurfaceWords[conditions.roofSurface];
  const primer = conditions.roofSurface === null ? null : roofSurfaceFacts[conditions.roofSurface].primer;
  const torque = `${guideTorqueNm.M6} N·m on M6 and ${guideTorqueNm.M8} on M8 into steel, half of it into thin skin`;
  const cold = amount(coldestTapeC, "°C", system);
  switch (step) {
    case "readSheet":
      return {
        what: "Read the panels’ maker’s sheet",
        how: `Where they may be held, how hot they may get, whether their frames may be drilled or their backs glued. Tick this only when you have read it: drilling and glue may end the warranty. Weigh one: ${held === null ? "no weight is known yet" : `${amount(held.load.worst.kg, "kg", system)} is assumed`}.`,
      };
    case "lookOver":
      return {
        what: `Look over the place from the ladder: ${skin}`,
        how: "Rust, old glue, soft spots, loose paint: what does not hold the paint does not hold a panel. The ladder is tied, somebody stands at its foot; above 2 m use fall protection.",
      };
    case "keepDark":
      return {
        what: "Cover the panels with the dark blanket, and keep the caps on their connectors",
        how: "From unpacking until they are joined, except to measure. Panels are live whenever there is light. Two people carry one, and none is carried in wind.",
      };
    case "proveDead":
      return {
        what: "Shut everything off and prove it dead",
        how: "Unplug shore power. Switch the inverter and the generator off. Switch the battery off and lock or tag the switch. Close the gas bottle. Then read 0 V with the meter for DC and AC at a lamp or socket near the place. Nothing is opened, felt for or drilled before that.",
      };
    case "testPanels":
      return {
        what: `Measure ${counted(panels, "panel")} before any is fixed for good`,
        how: `One at a time, uncovered in daylight, joined to nothing: meter for DC volts, red on +. ${expectedVolts(report)} A minus sign means reversed. Outside of that: do not fix it. Cover it again.`,
      };
    case "fitBox":
      return {
        what: "Fit the combiner box, before a panel covers its place",
        how: "Its size and its cable entries are on the parts list of Protection. Entries down, out of standing water, where a hand still reaches it. Close its lid with every entry filled or blanked.",
      };
    case "lookInside":
      return {
        what: "Look from inside at what lies under the places of the holes",
        how: "Only after everything there is dead. Take down a lamp, push the insulation aside and look: cables of lamps, fans and air conditioners, gas and water pipes. No hole along the sides of a vehicle’s roof: curtain airbags lie there. Mark outside what was found.",
      };
    case "feelBubbles":
      return {
        what: `Look over the skin with a ladder and the flat of the hand: ${skin}`,
        how: "Old bubbles, seams, rivets and blisters print through and lift. Fill or go round them.",
      };
    case "dryFit":
      return {
        what: `Lay ${counted(panels, "panel")} out dry and draw their outline`,
        how: "By the drawing of Layout and with the tape measure. Line up frames and rows of cells with each other, not with the roof’s edge. Walk, open every hatch, reach every nut.",
      };
    case "measureCorner":
      return {
        what: "Measure the first corner of the outline twice",
        how: "From the left edge and from the back edge with the tape measure; then somebody else, or you again after a walk, without looking at the first figures.",
      };
    case "boltFeet":
      return {
        what: `Bolt ${all(feet, "foot").replace("foots", "feet")} to the frames`,
        how: `Through the holes there are in the frames. Lock washers, a drop of thread-lock, then the torque wrench: ${torque}.`,
      };
    case "maskOutline":
      return {
        what: "Put masking tape round each foot’s place",
        how: "A finger’s width off: it comes away while the bead is still wet, and the edge is clean.",
      };
    case "roughen":
      return {
        what: `Roughen the places of the adhesive: ${skin}`,
        how: "With an abrasive pad until it is dull all over. Wipe the dust away from the outline.",
      };
    case "wash":
      return {
        what: "Wash what glue is to hold on",
        how: "Cleaner on one cloth, dry with another, in one direction, until the cloth stays white. From now on no fingers on it.",
      };
    case "prime":
      return {
        what: `Prime it${primer === null ? "" : ` with ${primerWords[primer]}`}`,
        how: "One thin coat of primer, and let it go dull: the bottle says how long. What is missed is not bonded.",
      };
    case "layTape":
      return {
        what: "Lay foam tape on the soles of the feet",
        how: "Wipe the soles with cleaner first. Strips side by side, no air between, pressed hard; the liner stays on.",
      };
    case "setOnTape":
      return {
        what: `Set ${counted(panels, "panel")} down, once`,
        how: `Two people. Surface dry and above ${cold} by the thermometer. Peel half the liner, line up by the measured corner, peel the rest, press each foot with your weight for half a minute. It does not come off again.`,
      };
    case "buryFeet":
      return {
        what: "Bury the feet in sealant",
        how: "With the sealant gun all round and over the edge of each foot, no hollow left: water must not see the tape. Pull the masking off while it is wet.",
      };
    case "markFrames":
      return {
        what: `Mark the holes in the frames for ${all(feet, "bracket")} and measure them twice`,
        how: "Hold a bracket on, mark through it, measure from the frame’s end with the tape measure. The cells and the back sheet are a few millimetres away.",
      };
    case "drillFrames":
      return {
        what: "Drill the frames, once",
        how: `Only if the maker’s sheet allows drilling the frame. The 3 mm bit with its stop first, then ${rivetNutHoleMm.M6} mm for M6: a tenth over the shank. The drill never goes deeper than the frame’s wall. Blow the swarf out, paint raw metal.`,
      };
    case "setNuts":
      return {
        what: "Set the rivet nuts",
        how: "Square, with the rivet nut tool, until they bite; one to try on scrap first. A nut that turns is drilled out.",
      };
    case "boltBrackets":
    case "boltBracketsUndrilled":
      return {
        what: `Bolt ${all(feet, "bracket")} of ${amount(footLongMm, "mm", system)} on, hand tight`,
        how: `${step === "boltBrackets" ? "Into the nuts" : "Through the holes there are in the frames"}, with washers and lock washers, without any thread-lock yet. They are lined up on the roof before they are tightened.`,
      };
    case "bedBrackets":
      return {
        what: `Bed the brackets in sealant and set ${counted(panels, "panel")} down, once`,
        how: `Two people. Surface dry and above 5 °C by the thermometer. Zigzag beads by the sealant gun under the whole length; press until a bed of 3 mm is left, spacers in it, and some comes out on all sides. Smooth it: that edge keeps water out.`,
      };
    case "tightenBrackets":
      return {
        what: "Tighten the bolts when the bed has cured",
        how: `One bolt at a time: take it out, put a drop of thread-lock on it (with its activator on stainless steel; anti-seize instead where stainless goes into aluminium), then the torque wrench: half of ${torque.split(" into")[0]}, as nuts in thin walls hold no more. Mark each head with a line of paint. Try each panel with both hands.`,
      };
    case "findRibs":
      return {
        what: "Find the ribs and lay the rails across them",
        how: "By tapping, by a magnet, by the tape measure from the drawing of Layout: every rail sits on at least two.",
      };
    case "measureFootHoles":
      return {
        what: "Measure the holes of the feet twice",
        how: "The first one from the left edge and from the back edge with the tape measure, then by somebody else; the others from it. None over what was found from inside.",
      };
    case "pilotFootHoles":
      return {
        what: "Drill the pilots of the feet",
        how: "Everything behind is dead. The 3 mm bit with its stop a hair over the roof’s thickness. The drill stops; look before the next.",
      };
    case "drillFootHoles":
      return {
        what: "Open the holes of the feet to size, once",
        how: "By the screw’s sheet, layer by layer, from the outside, by the pilots of the feet. The drill is stopped after the skin.",
      };
    case "paintFootHoles":
      return {
        what: "Paint the bare edges of the holes",
        how: "Edge paint on every raw edge of the opened holes, or they rust or drink under the rail.",
      };
    case "bedRails":
      return {
        what: "Bed the rails in sealant and screw them down",
        how: "Sealant under every foot and in every hole from the sealant gun, a sealing screw with its washer in each. Tighten by the screw’s own sheet: thin sheet strips long before a bolt’s torque.",
      };
    case "clampPanels":
      return {
        what: `Clamp ${counted(panels, "panel")} to the rails`,
        how: "Two people. Four panel clamps each, a quarter in from the ends; by the torque wrench as their sheet says. Frames and cells in one line.",
      };
    case "tiePanels":
      return {
        what: "Tie the panels to each other",
        how: "So that one that works loose does not leave alone. Mark the bolts with a line of paint: a turned one shows.",
      };
    case "screwFeet":
      return {
        what: `Screw ${all(feet, "foot").replace("foots", "feet")} into rafters, once`,
        how: "Sealant from the sealant gun under each foot and in each hole, wood screws into solid wood and not into boards alone. Wipe round it.",
      };
    case "fitLegs":
      return {
        what: `Fit the adjustable legs and hang ${counted(panels, "panel")} in them`,
        how: `Two people. 120 mm from the next panel’s legs: a hand and a spanner. A drop of thread-lock, then by the torque wrench: ${torque}.`,
      };
    case "setLegs":
      return {
        what: "Set the tilt",
        how: "As Need and Layout assume it. From 50° on snow slides off; leave room below for the heap. On a vehicle: legs down and locked before it is driven.",
      };
    case "planDrain":
      return {
        what: "Leave a way out for water at the junction box",
        how: "A strip without glue from the box to the lower edge: what creeps in must find its way out.",
      };
    case "warmUp":
      return {
        what: "Wait until skin and film are warm and dry",
        how: `Over ${cold} and under 40 °C by the thermometer, both: cold glue does not wet, hot film stretches.`,
      };
    case "stickFilm":
      return {
        what: `Stick ${counted(panels, "panel")} down, once`,
        how: "Two people. Peel a hand’s width, line up by the measured corner, press, then peel and press on, the way out for water left free. It does not come off again whole.",
      };
    case "rollFilm":
      return {
        what: "Roll it down",
        how: "With the roller from the middle outward, hard, twice. A bubble under cells burns: let it out at the edge, never by a needle.",
      };
    case "sealFilm":
      return {
        what: "Seal its edges, the front edge first",
        how: "A thin bead of sealant from the sealant gun all round, open at the way out for water. Cover the front edge or bevel it with sealant: film fails by peeling from there. Press every edge and look: never drive with a lifted edge.",
      };
    case "chooseSpot":
      return {
        what: "Choose the spot and its outline",
        how: "Sun from morning to evening by the drawing of Layout, no path across it, the cable’s way short, room to walk round.",
      };
    case "buildFrame":
      return {
        what: "Put the wheeled frame together",
        how: `Every bolt with a lock washer, by the torque wrench: ${torque}. It must not rack when you shake it.`,
      };
    case "boltToFrame":
      return {
        what: `Clamp ${counted(panels, "panel")} to the frame`,
        how: "Two people. Four panel clamps each, by the torque wrench as their sheet says.",
      };
    case "rollOut":
      return {
        what: "Bring it to its outline",
        how: "Two people, never in wind. Move it now and then: the grass lives.",
      };
    case "wedgeWheels":
      return {
        what: "Wedge the wheels",
        how: "A wedge before and behind, and take the weight off the tyres if you can.",
      };
    case "loadBallast":
      return {
        what: `Load the ballast${fixing.baseKg === null ? "" : `: ${given(fixing.baseKg, "kg", system)} in all`}`,
        how: "Low down, spread over all sides, tied on.",
      };
    case "setAnchors":
      return {
        what: `Set ${held?.hold.type === "standing" ? held.hold.perSide : 2} anchors at each side, at all four corners${held?.hold.type === "standing" && held.hold.neededN > 0 ? `: each must hold at least ${amount(held.hold.neededEachN, "N", system)}` : ""}`,
        how: "Wind comes from any side. Look for pipes and cables in the ground first. Pull each anchor with a lever and a scale: what it holds is a figure, not a feeling.",
      };
    case "fitSlides":
      return {
        what: "Fit the slides",
        how: `Parallel to a hair, stops at both ends, a drop of thread-lock, by the torque wrench: ${torque}. Stainless on aluminium with an insulating washer between.`,
      };
    case "clampToSlides":
      return {
        what: `Clamp ${counted(panels, "panel")} on`,
        how: "Four panel clamps each, by the torque wrench as their sheet says.",
      };
    case "tieLanyards":
      return {
        what: "Tie two lanyards to each panel",
        how: "To something that is not the slide: what comes loose must not swim.",
      };
    case "trySliding":
      return {
        what: "Slide it out and in ten times",
        how: "Leads long enough in every place, nothing pinched, no line that catches. Say to everybody on board in how much wind it comes in.",
      };
    case "unfold":
      return {
        what: "Unfold it in its outline",
        how: "Cells down while you open it, so that nothing is live in your hand.",
      };
    case "aim":
      return {
        what: "Aim it",
        how: "A stick square on the panel throws no shadow when it looks at the sun. Ahead of the sun by an hour for a long spell.",
      };
    case "pegLegs":
      return {
        what: "Peg the legs down",
        how: "A peg and a line at each leg. Put it away in more wind than you would leave a tent in.",
      };
    case "lockUp":
      return { what: "Lock it", how: "The steel cable through a frame or a handle that does not pull out." };
    case "layLead":
      return {
        what: "Lay the leads",
        how: "Drip loops before every entry, no joint in water, nothing tight or flapping, clear of feet and lines.",
      };
    case "layBuried":
      return {
        what: "Lay the leads under the ramp or in conduit",
        how: "Clear of mowers, wheels and teeth; joints off the ground, pointing down.",
      };
    case "measureRoofHole":
      return {
        what: "Measure the hole for the cables twice",
        how: "From the left edge and from the back edge with the tape measure, then by somebody else. Where a panel will cover it, out of the wet, clear of what was found from inside.",
      };
    case "pilotRoofHole":
      return {
        what: "Drill a pilot hole",
        how: "Everything behind is dead. With the 3 mm bit and its stop, from where one can see. Put a wire through: does it come out where you thought? The drill waits until it does.",
      };
    case "cutRoofHole":
      return {
        what: "Cut the hole, once",
        how: "The hole saw in the drill, layer by layer by the pilot hole: stop after the outer skin, look, push the insulation aside, look again, go on. Clean the swarf off at once: it rusts.",
      };
    case "finishEdge":
      return {
        what: "Paint the edge of the cut hole",
        how: "File it, blow it clean, edge paint on all raw metal or core.",
      };
    case "setGland":
      return {
        what: "Set the gland",
        how: "Over the cut hole, primed and bedded in sealant from the sealant gun, opening to the back. Its nuts are closed when the cables are in.",
      };
    case "openGland":
      return {
        what: "Open the gland there is",
        how: "Everything behind it is dead. Look what goes through it, whether two more cables fit, and what its seal is like.",
      };
    case "threadCables":
    case "threadOld":
      return {
        what: "Thread the leads through the gland",
        how: "Before their connectors are put on. Mark the two on the panels’ side + and −; close the nut on each; a drip loop; tied down every hand’s width.",
      };
    case "coverUp":
      return {
        what: "Cover the panels with the dark blanket",
        how: "Or wait for dusk: they are live whenever there is light.",
      };
    case "joinRows":
      return {
        what: "Join the panels as they are wired",
        how: "By the diagram of Protection, string by string, leads last. The panels stay covered. Nothing to the PV input yet; fuses out, isolator off.",
      };
    case "putFuses":
      return {
        what: "Put the string fuses in",
        how: "Each of its own size, by the diagram of Protection. The isolator stays off, the panels covered. Behind open fuses a meter reads 0 V.",
      };
    case "setCutOff":
      return {
        what: "Set the controller for its battery",
        how: "Chemistry and charging volts by the battery’s sheet. For lithium set the low-temperature cut-off now (no charging below 0 °C), before the panels are uncovered.",
      };
    case "wakeStation":
      return {
        what: "Switch the power station’s input on",
        how: "Its battery is inside. Wait until the display is on.",
      };
    case "switchOn":
      return {
        what: "Switch the DC isolator on",
        how: "Fuses are in, polarity is right, the panels are still covered.",
      };
    case "firstDrive":
      return {
        what: "After the first 50 to 100 km, check every fastening",
        how: "Stop and go round with the torque wrench: lines of paint that have moved, feet, clamps, cables. Then once a year in spring. Before each drive: legs down and locked.",
      };
    case "firstDriveFilm":
      return {
        what: "After the first 50 to 100 km, check every edge",
        how: "Stop and press along the front edge and all others. A lifted edge is never driven with: glue and cover it first. Then once a year in spring.",
      };
    case "batteryFirst":
      return {
        what: "Connect the battery to the controller",
        how: "Battery first, then panels. Take rings off, use insulated tools, cover one post while you work at the other; the battery fuse goes in last. Wait until the display is on.",
      };
    case "polarity":
      return {
        what: "Measure the array leads with the meter for DC volts",
        how: "In daylight lift the covers. A minus sign means reversed polarity: do not plug in. The volts must be below the max PV voltage of the input, and not near 0: fuses in? Expected values are under Test. Cover the panels again.",
      };
    case "plugIn":
      return {
        what: "Connect the leads to the PV input",
        how: "+ to +, − to −. Keep the panels fully covered with the dark blanket; a small spark is still possible.",
      };
    case "uncover":
      return {
        what: "Take the dark blanket off",
        how: "Stand aside: your own shadow is a fault.",
      };
    case "readDisplay":
      return {
        what: "Read the watts on the display after half a minute",
        how: "Write them down at Test, with time and sky.",
      };
  }
}
