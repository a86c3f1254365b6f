import { type PlaceFault } from "@/core/site/place";
import { type Site } from "@/core/plan";
import { trueMinus } from "../format";

/** "57.20° N, 3.10° W". */
export function placeWords(latitudeDeg: number, longitudeDeg: number | null): string {
  const north = `${Math.abs(latitudeDeg).toFixed(2)}° ${latitudeDeg >= 0 ? "N" : "S"}`;
  if (longitudeDeg === null) return north;
  return `${north}, ${Math.abs(longitudeDeg).toFixed(2)}° ${longitudeDeg >= 0 ? "E" : "W"}`;
}

export function placeFaultWords(fault: PlaceFault): string {
  switch (fault.type) {
    case "unknown":
      return `“${fault.found}” is not a location. Enter, for example, 57.2, -3.1 or 57°12′30″N 3°6′W.`;
    case "numbers":
      return `${fault.count} numbers are too many: enter at most degrees, minutes and seconds for each of latitude and longitude.`;
    case "ambiguousComma":
      return "Is this one number with a decimal comma, or two numbers? Enter 57.2, or 57.2; -3.1.";
    case "sixtieths":
      return `${fault.value} minutes or seconds: enter at least 0 and less than 60, with a fraction only in the last.`;
    case "signAndLetter":
      return "A minus sign and S or W mean the same: use one of them.";
    case "sameTwice":
      return "Enter one latitude (N or S) and one longitude (E or W).";
    case "tooFar":
      return `The ${fault.of} is ${trueMinus(String(fault.value))}; enter a value between ${trueMinus(String(-fault.most))} and ${fault.most}.`;
  }
}

/** Where a record or a month comes from. */
export function sourceOf(source: Site["recordLowSource"]): string {
  switch (source) {
    case "typed":
      return "entered";
    case "file":
      return "from the weather file";
    case "climateKind":
      return "from the kind of climate";
    case null:
      return "assumed";
  }
}

/** Where a record comes from: one of a kind of climate says nothing of the place itself. */
export function recordSourceOf(source: Site["recordLowSource"]): string {
  return source === "climateKind" ? `${sourceOf(source)}, not of this location` : sourceOf(source);
}
