import {
  coldestTapeC,
  feetOf,
  guideTorqueNm,
  type MountReport,
  rivetNutHoleMm,
  roofSurfaceFacts,
  type StepId,
} from "@/core/mounting";
import { type UnitSystem } from "@/core/engine/units";
import { amount, counted, given } from "../format";
import { primerWords, roofSurfaceWords } from "./sentences";

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
  const torque = `${guideTorqueNm.M6} N·m on M6 and ${guideTorqueNm.M8} on M8 into steel, half of that into thin sheet`;
  const cold = amount(coldestTapeC, "°C", system);
  switch (step) {
    case "readSheet":
      return {
        what: "Read the panel maker’s data sheet",
        how: `Where may they be fastened, how hot may they get, may frames be drilled or backs be glued? Tick this only when you have read it: drilling and glue can end the warranty. Weigh one panel: ${held === null ? "no weight is known yet" : `${amount(held.load.worst.kg, "kg", system)} is assumed`}.`,
      };
    case "lookOver":
      return {
        what: `Inspect the surface from the ladder: ${skin}`,
        how: "Look for rust, old glue, soft spots and loose paint: adhesive only holds where the paint holds. Tie the ladder and have somebody at its foot; above 2 m use fall protection.",
      };
    case "keepDark":
      return {
        what: "Cover the panels with the dark blanket, and keep the caps on their connectors",
        how: "From unpacking until they are connected, except to measure. Panels are live whenever there is light. Two people carry a panel. Do not carry panels in wind.",
      };
    case "proveDead":
      return {
        what: "Switch everything off and prove that it is dead",
        how: "1. Unplug shore power. 2. Switch off the inverter and the generator. 3. Switch off the battery and lock or tag its switch. 4. Close the gas bottle. 5. Measure 0 V with the meter for DC and AC at a lamp or socket near the work. Open nothing and make no hole before that.",
      };
    case "testPanels":
      return {
        what: `Measure ${counted(panels, "panel")} before you fix any of them permanently`,
        how: `One at a time, uncovered in daylight, not connected: meter for DC volts, red probe on +. ${expectedVolts(report)} A minus sign means reversed polarity. If a reading is outside that range, do not fix the panel. Cover it again.`,
      };
    case "fitBox":
      return {
        what: "Fit the combiner box, before a panel covers its place",
        how: "Its size and its cable glands are in the parts list at Protection. Fit it with the glands down, out of standing water, within reach. Close its lid with every entry filled or plugged.",
      };
    case "lookInside":
      return {
        what: "Look from inside at what is behind the planned holes",
        how: "Only after everything there is dead. Remove a lamp, push the insulation aside and look for cables of lamps, fans and air conditioners, and for gas and water pipes. Drill no hole along the sides of a vehicle’s roof: curtain airbags are there. Mark on the outside what you found.",
      };
    case "feelBubbles":
      return {
        what: `Feel the surface from a ladder with the flat of your hand: ${skin}`,
        how: "Bubbles, seams, rivets and blisters show through and lift the film. Fill them or avoid them.",
      };
    case "dryFit":
      return {
        what: `Lay ${counted(panels, "panel")} out without adhesive and draw their outline`,
        how: "Use the drawing from Layout and the tape measure. Line up frames and rows of cells with each other, not with the roof’s edge. Check that you can walk, open every hatch and reach every nut.",
      };
    case "measureCorner":
      return {
        what: "Measure the first corner of the outline twice",
        how: "From the left edge and from the back edge with the tape measure; then somebody else measures, or you again after a break, without looking at the first measurement.",
      };
    case "boltFeet":
      return {
        what: `Bolt ${all(feet, "foot").replace("foots", "feet")} to the frames`,
        how: `Use the existing holes in the frames. Lock washers, a drop of thread-lock, then the torque wrench: ${torque}.`,
      };
    case "maskOutline":
      return {
        what: "Put masking tape round each foot’s place",
        how: "A finger’s width away. Remove it while the sealant is wet: the edge is then clean.",
      };
    case "roughen":
      return {
        what: `Roughen the places of the adhesive: ${skin}`,
        how: "With an abrasive pad until it is dull all over. Wipe the dust away from the outline.",
      };
    case "wash":
      return {
        what: "Clean the surfaces to be glued",
        how: "Cleaner on one cloth, dry with another, in one direction, until the cloth stays white. Do not touch the surface after that.",
      };
    case "prime":
      return {
        what: `Prime it${primer === null ? "" : ` with ${primerWords[primer]}`}`,
        how: "One thin coat of primer; wait until it is dull, for the time on the bottle. Adhesive does not hold where primer is missing.",
      };
    case "layTape":
      return {
        what: "Lay foam tape on the soles of the feet",
        how: "Wipe the soles with cleaner first. Strips edge to edge, no air between, pressed hard; the liner stays on.",
      };
    case "setOnTape":
      return {
        what: `Set ${counted(panels, "panel")} down, once`,
        how: `Two people. Surface dry and above ${cold} by the thermometer. Peel half the liner, line up by the measured corner, peel the rest, press each foot with your weight for half a minute. It cannot be removed again.`,
      };
    case "buryFeet":
      return {
        what: "Bury the feet in sealant",
        how: "With the sealant gun all around and over the edge of each foot, without gaps: water must not reach the tape. Remove the masking tape while the sealant is wet.",
      };
    case "markFrames":
      return {
        what: `Mark the holes in the frames for ${all(feet, "bracket")} and measure them twice`,
        how: "Hold a bracket in place, mark through it, and measure from the frame’s end with the tape measure. Cells and back sheet are only a few millimeters away.",
      };
    case "drillFrames":
      return {
        what: "Drill the frames, once",
        how: `Only if the maker’s sheet allows drilling the frame. The 3 mm bit with its stop first, then ${rivetNutHoleMm.M6} mm for M6: a little more than the shank. Never drill deeper than the frame’s wall. Blow out the swarf and paint bare metal.`,
      };
    case "setNuts":
      return {
        what: "Set the rivet nuts",
        how: "At right angles, with the rivet nut tool, until they grip; try one on scrap first. Drill out any nut that turns.",
      };
    case "boltBrackets":
    case "boltBracketsUndrilled":
      return {
        what: `Bolt ${all(feet, "bracket")} of ${amount(footLongMm, "mm", system)} to the frames, hand tight`,
        how: `${step === "boltBrackets" ? "Into the nuts" : "Through the existing holes in the frames"}, with washers and lock washers, without any thread-lock yet. Line them up on the roof before you tighten them.`,
      };
    case "bedBrackets":
      return {
        what: `Bed the brackets in sealant and set ${counted(panels, "panel")} down, once`,
        how: `Two people. Surface dry and above 5 °C by the thermometer. Zigzag beads by the sealant gun under the whole length; press until a bed of 3 mm is left, spacers in it, and some comes out on all sides. Smooth it: this edge keeps the water out.`,
      };
    case "tightenBrackets":
      return {
        what: "Tighten the bolts when the sealant has cured",
        how: `One bolt at a time: remove it, put a drop of thread-lock on it (with its activator on stainless steel; anti-seize instead where stainless goes into aluminium), then the torque wrench: half of ${torque.split(" into")[0]}, because nuts in thin walls hold no more. Mark each bolt head with a line of paint. Pull at each panel with both hands.`,
      };
    case "findRibs":
      return {
        what: "Find the ribs and lay the rails across them",
        how: "By tapping, by a magnet, by the tape measure from the drawing of Layout: every rail sits on at least two.",
      };
    case "measureFootHoles":
      return {
        what: "Measure the holes of the feet twice",
        how: "The first one from the left edge and from the back edge with the tape measure, then by somebody else; the others from it. None above cables or pipes found from inside.",
      };
    case "pilotFootHoles":
      return {
        what: "Drill the pilots of the feet",
        how: "Everything behind is dead. The 3 mm bit with its stop set to just over the roof’s thickness. Stop after each hole and look before the next.",
      };
    case "drillFootHoles":
      return {
        what: "Drill the holes of the feet to size, once",
        how: "To the size on the screw’s data sheet, layer by layer, from the outside, through the pilots of the feet. Stop after the outer layer.",
      };
    case "paintFootHoles":
      return {
        what: "Paint the bare edges of the holes",
        how: "Edge paint on every raw edge of the opened holes, or they rust or absorb water under the rail.",
      };
    case "bedRails":
      return {
        what: "Bed the rails in sealant and screw them down",
        how: "Sealant under every foot and in every hole from the sealant gun, a sealing screw with its washer in each. Tighten to the screw’s data sheet: thin sheet metal strips long before a bolt’s torque is reached.",
      };
    case "clampPanels":
      return {
        what: `Clamp ${counted(panels, "panel")} to the rails`,
        how: "Two people. Four panel clamps each, a quarter of the length from the ends, with the torque wrench to their data sheet. Frames and cells in one line.",
      };
    case "tiePanels":
      return {
        what: "Tie the panels to each other",
        how: "So that a loose panel cannot fly off alone. Mark the bolts with a line of paint: it shows when one has turned.",
      };
    case "screwFeet":
      return {
        what: `Screw ${all(feet, "foot").replace("foots", "feet")} into rafters, once`,
        how: "Sealant from the sealant gun under each foot and in each hole, wood screws into solid wood and not into boards alone. Wipe round it.",
      };
    case "fitLegs":
      return {
        what: `Fit the adjustable legs and attach ${counted(panels, "panel")} to them`,
        how: `Two people. Leave 120 mm to the next panel’s legs for a hand with a wrench (spanner). A drop of thread-lock, then by the torque wrench: ${torque}.`,
      };
    case "setLegs":
      return {
        what: "Set the tilt",
        how: "To the tilt entered at Need and Layout. From 50° snow slides off: leave space below. On a vehicle: fold down and lock the legs before you drive.",
      };
    case "planDrain":
      return {
        what: "Leave a drain for water at the junction box",
        how: "Leave a strip without adhesive from the junction box to the lower edge, so that water can drain.",
      };
    case "warmUp":
      return {
        what: "Wait until roof surface and film are warm and dry",
        how: `Over ${cold} and under 40 °C by the thermometer, both: cold adhesive does not bond, hot film stretches.`,
      };
    case "stickFilm":
      return {
        what: `Stick ${counted(panels, "panel")} down, once`,
        how: "Two people. Peel a hand’s width, line up by the measured corner, press, then peel and press on; keep the drain free. It cannot be removed in one piece.",
      };
    case "rollFilm":
      return {
        what: "Roll it down",
        how: "With the roller from the middle outward, hard, twice. A bubble under cells causes a hot spot: push it out at the edge, never pierce it.",
      };
    case "sealFilm":
      return {
        what: "Seal its edges, the front edge first",
        how: "A thin bead of sealant from the sealant gun all round, open at the drain. Cover the front edge or bevel it with sealant: the film peels off from there. Press and inspect every edge: never drive with a lifted edge.",
      };
    case "chooseSpot":
      return {
        what: "Choose the spot and its outline",
        how: "Sun from morning to evening (see Layout), no path across it, a short cable route, and space to walk around it.",
      };
    case "buildFrame":
      return {
        what: "Put the wheeled frame together",
        how: `Every bolt with a lock washer, by the torque wrench: ${torque}. It must stay square when you shake it.`,
      };
    case "boltToFrame":
      return {
        what: `Clamp ${counted(panels, "panel")} to the frame`,
        how: "Two people. Four panel clamps each, with the torque wrench to their data sheet.",
      };
    case "rollOut":
      return {
        what: "Move it to its place",
        how: "Two people, never in wind.",
      };
    case "wedgeWheels":
      return {
        what: "Chock the wheels with wedges",
        how: "A wedge in front of and behind each wheel; take the weight off the tires if you can.",
      };
    case "loadBallast":
      return {
        what: `Load the ballast${fixing.baseKg === null ? "" : `: ${given(fixing.baseKg, "kg", system)} in total`}`,
        how: "Low, spread over all sides, tied down.",
      };
    case "setAnchors":
      return {
        what: `Set ${held?.hold.type === "standing" ? held.hold.perSide : 2} anchors at each side, at all four corners${held?.hold.type === "standing" && held.hold.neededN > 0 ? `: each must hold at least ${amount(held.hold.neededEachN, "N", system)}` : ""}`,
        how: "Wind comes from any side. Look for pipes and cables in the ground first. Test each anchor with a lever and a scale, and write the value down.",
      };
    case "fitSlides":
      return {
        what: "Fit the slides",
        how: `Exactly parallel, stops at both ends, a drop of thread-lock, by the torque wrench: ${torque}. Put an insulating washer between stainless steel and aluminum.`,
      };
    case "clampToSlides":
      return {
        what: `Clamp ${counted(panels, "panel")} to the slides`,
        how: "Four panel clamps each, with the torque wrench to their data sheet.",
      };
    case "tieLanyards":
      return {
        what: "Tie two lanyards to each panel",
        how: "To something other than the slides, so that a loose panel is not lost in the water.",
      };
    case "trySliding":
      return {
        what: "Slide it out and in ten times",
        how: "The leads must be long enough in every place, nothing pinched, nothing that catches. Tell everybody on board at what wind the panels are taken in.",
      };
    case "unfold":
      return {
        what: "Unfold it in its place",
        how: "Keep the cells face down while you open it, so that nothing is live in your hands.",
      };
    case "aim":
      return {
        what: "Aim it",
        how: "A stick at right angles on the panel casts no shadow when the panel faces the sun. For several hours, aim an hour ahead of the sun.",
      };
    case "pegLegs":
      return {
        what: "Peg the legs down",
        how: "A peg and a guy line at each leg. Stow it in stronger wind than a tent could stand.",
      };
    case "lockUp":
      return { what: "Lock it", how: "Run the steel cable through a frame or a handle that cannot be pulled out." };
    case "layLead":
      return {
        what: "Lay the leads",
        how: "Make a drip loop before every entry. No connector in standing water, nothing tight or flapping, clear of feet and lines.",
      };
    case "layBuried":
      return {
        what: "Lay the leads under the ramp or in conduit",
        how: "Out of reach of mowers, wheels and animals; connectors off the ground, openings down.",
      };
    case "measureRoofHole":
      return {
        what: "Measure the hole for the cables twice",
        how: "From the left edge and from the back edge with the tape measure, then by somebody else. Where a panel will cover it, away from water, cables and pipes.",
      };
    case "pilotRoofHole":
      return {
        what: "Drill a pilot hole",
        how: "Everything behind is dead. With the 3 mm bit and its stop, from the side where you can see. Put a wire through: does it come out where you expected? Do not drill on until it does.",
      };
    case "cutRoofHole":
      return {
        what: "Cut the hole, once",
        how: "The hole saw in the drill, layer by layer through the pilot hole: stop after the outer layer, look, push the insulation aside, look again, continue. Remove the swarf at once: it rusts.",
      };
    case "finishEdge":
      return {
        what: "Paint the edge of the cut hole",
        how: "File it, blow it clean, and put edge paint on all bare metal or core.",
      };
    case "setGland":
      return {
        what: "Set the gland",
        how: "Over the cut hole, primed and bedded in sealant from the sealant gun, opening to the back. Tighten its nuts when the cables are in.",
      };
    case "openGland":
      return {
        what: "Open the existing gland",
        how: "Everything behind it is dead. Check what goes through it, whether two more cables fit, and the condition of its seal.",
      };
    case "threadCables":
    case "threadOld":
      return {
        what: "Thread the leads through the gland",
        how: "Before you crimp their connectors. Mark + and − on the panels’ side, tighten the nut on each, make a drip loop, and tie them down every 10 cm (4 in).",
      };
    case "coverUp":
      return {
        what: "Cover the panels with the dark blanket",
        how: "Or wait for dusk: they are live whenever there is light.",
      };
    case "joinRows":
      return {
        what: "Connect the panels to each other",
        how: "Follow the diagram at Protection, string by string, array leads last. Keep the panels covered, the fuses out and the isolator off. Connect nothing to the PV input yet.",
      };
    case "putFuses":
      return {
        what: "Put the string fuses in",
        how: "Each of the right size, see the diagram at Protection. Keep the isolator off and the panels covered. Behind a missing fuse a meter reads 0 V.",
      };
    case "setCutOff":
      return {
        what: "Set the controller for its battery",
        how: "Battery chemistry and charging voltage from the battery’s data sheet. For lithium set the low-temperature cut-off now (no charging below 0 °C), before the panels are uncovered.",
      };
    case "wakeStation":
      return {
        what: "Switch on the power station",
        how: "Its battery is inside. Wait until the display is on.",
      };
    case "switchOn":
      return {
        what: "Switch on the DC isolator",
        how: "Fuses are in, polarity is right, the panels are still covered.",
      };
    case "firstDrive":
      return {
        what: "After the first 50 to 100 km, check every fastening",
        how: "Stop and check with the torque wrench: moved paint lines, feet, clamps, cables. Then once a year in spring. Before each drive: fold down and lock the legs.",
      };
    case "firstDriveFilm":
      return {
        what: "After the first 50 to 100 km, check every edge",
        how: "Stop and press along the front edge and all other edges. Never drive with a lifted edge: glue and cover it first. Then once a year in spring.",
      };
    case "batteryFirst":
      return {
        what: "Connect the battery to the controller",
        how: "Battery first, then panels. Remove rings, use insulated tools, cover one post while you work on the other. Insert the battery fuse last. Wait until the display is on.",
      };
    case "polarity":
      return {
        what: "Measure the array leads with the meter for DC volts",
        how: "In daylight lift the covers. A minus sign means reversed polarity: do not plug in. The volts must be below the max PV voltage of the input, and not near 0 V (then check the fuses). Expected values: see Test. Cover the panels again.",
      };
    case "plugIn":
      return {
        what: "Connect the leads to the PV input",
        how: "+ to +, − to −. Keep the panels fully covered with the dark blanket; a small spark is still possible.",
      };
    case "uncover":
      return {
        what: "Remove the dark blanket",
        how: "Step aside: your shadow reduces the reading.",
      };
    case "readDisplay":
      return {
        what: "Read the watts on the display after half a minute",
        how: "Enter them at Test, with time and sky.",
      };
  }
}
