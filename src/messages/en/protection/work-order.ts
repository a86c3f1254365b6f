import { type PortArrayReport, type Step } from "@/core/protection/diagram";
import { branchWords } from "./cables";
import { amount, given } from "../format";
import { shortName } from "../names";

export function at({ inputName, portName }: PortArrayReport): string {
  return `${shortName(inputName)}, ${shortName(portName)}`;
}

/** One step of the work: one action, with its number. */
export function workStepWords(step: Step): string {
  switch (step.type) {
    case "listCables":
      return "Measure each cable route with a string. Write the length next to the cable, and order some extra.";
    case "fitBox":
      return `Fit the combiner box for ${at(step.portArray)} where a hand still reaches it, before any panel is fixed permanently. Drill its gland holes from below.`;
    case "layCables":
      return "Lay the cables uncut along their routes, red for + and black for −. None may flap, chafe on an edge, or run through standing water.";
    case "threadGlands":
      return `Thread each cable through its gland at ${at(step.portArray)} now. With its connector crimped on it will not go through.`;
    case "cutToLength":
      return "Cut to length last: a hand’s breadth longer than it reaches, with a drip loop before every gland and connector.";
    case "crimp":
      return "Strip and crimp with the right tool; push each contact in until it locks. Join only connectors of the same make.";
    case "pullAndLabel":
      return "Pull at each crimp. Label both ends of each cable.";
    case "testLeads":
      return "Before anything is live, test each cable with a meter: continuity from end to end, none between + and −.";
    case "allOff":
      return "Switch off every DC isolator. Remove all fuses. Plug nothing in. Keep caps on all open connectors.";
    case "darken":
      return "Cover the panels or wait for dusk. They are live whenever there is light.";
    case "batteryFirst":
      return `Battery first, then panels: connect ${shortName(step.battery.inputName)} to its battery${step.battery.fuseA === null ? "" : `, then put in the ${given(step.battery.fuseA, "A")} battery fuse`}.`;
    case "inputOn":
      return "Switch the controllers on and check that each shows its battery.";
    case "measureString":
      return `String ${step.number} of ${at(step.portArray)}, not connected to anything: lift its cover in daylight. Set the meter to DC volts, red on +. Expect ${amount(step.vocV, "V")} at 25 °C, at least ${amount(step.lowV, "V")} (hot, dull light), at most ${amount(step.coldV, "V")} (coldest dawn), and no minus sign. Outside of that, stop and find out why. Cover it again.`;
    case "joinStrings":
      return step.portArray.joint === "box"
        ? `Join the strings of ${at(step.portArray)} on the busbars of the combiner box: + to +, − to −. The panels stay covered, the fuses out.`
        : `Join the strings of ${at(step.portArray)} with the branch connectors: + to +, − to −. The panels stay covered.`;
    case "putFuses":
      return `Put the fuses of ${at(step.portArray)} in: ${fuseList(step.portArray)}. The isolator stays off.`;
    case "measureJoined":
      return `Lift the covers. Before the isolator of ${at(step.portArray)} read DC volts: ${joinedWords(step)}. No minus sign.`;
    case "coverAgain":
      return `There is no DC isolator before ${at(step.portArray)}: cover the panels again before you plug in.`;
    case "plugIn":
      return step.portArray.hasSwitch
        ? `Connect the cable to ${at(step.portArray)} with the isolator off.`
        : `Connect the cable to ${at(step.portArray)} with the panels covered.`;
    case "switchOn":
      return `Switch on the DC isolator of ${at(step.portArray)}.`;
    case "uncover":
      return "Remove all covers from the panels.";
    case "waitAndLook":
      return "Wait half a minute for the controller to find its operating point, then read the watts.";
    case "switchOff":
      return `Switch off the DC isolator of ${at(step.portArray)}. Never disconnect a connector while current flows: a DC arc does not go out.`;
    case "unplugPort":
      return `Disconnect ${at(step.portArray)}, + first.`;
    case "takeFuses":
      return `Remove the fuses of ${at(step.portArray)}.`;
    case "partStrings":
      return `Disconnect the strings of ${at(step.portArray)} from each other, + first. Cap the connectors: each string is live by itself.`;
    case "batteryLast":
      return `Battery last: remove its fuse, then disconnect the cables from ${shortName(step.battery.inputName)}.`;
  }
}

/** "10 A in string 1 and string 2; 15 A in string 3". */
function fuseList({ branches }: PortArrayReport): string {
  const sizes = [...new Set(branches.flatMap(({ fuseA }) => fuseA ?? []))].sort((a, b) => a - b);
  return sizes
    .map((amps) => {
      const places = branches.filter(({ fuseA }) => fuseA === amps).map(({ place }) => branchWords(place));
      return `${given(amps, "A")} in ${new Intl.ListFormat("en").format(places)}`;
    })
    .join("; ");
}

function joinedWords({ lowestV, highestV, portArray }: Extract<Step, { readonly type: "measureJoined" }>): string {
  return portArray.strings.length < 2
    ? `the same as the string alone, about ${amount(lowestV, "V")} at 25 °C`
    : `between the lowest and the highest string you read just now, ${amount(lowestV, "V")} to ${amount(highestV, "V")} at 25 °C`;
}

/** What to look for where cables and connectors have been out in the weather. */
export const weatherChecks: readonly string[] = [
  "No connector in standing or running water: fasten connectors under the panel, openings down.",
  "Every cable has a drip loop before it goes through a wall, a gland or into a connector.",
  "Nothing flaps when a hand pulls at it: a clip every 300 mm, and at both sides of every connector.",
  "No cable on an edge, in a hinge or under a foot; no bend tighter than four times the cable’s diameter.",
  "Cable glands are tight round each cable; unused holes are blanked off.",
];

/** Whose work it is. */
export const tradeRequired: readonly string[] = [
  "Your local code takes precedence over everything here.",
  "Permanent wiring on a building, shore power, and boat wiring above 30 V DC are work for a licensed electrician.",
  "Whether and where to ground (earth) the frames is for an electrician who knows the vehicle, boat or building. Do not skip it without asking. On a vehicle it is the body; on a boat the bonding system and never a plate of its own; on a building its earth.",
];
