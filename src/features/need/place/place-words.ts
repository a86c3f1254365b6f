import { type PlaceFault } from "@/core/site/place";
import { type Site } from "@/core/plan";
import { trueMinus } from "@/messages/en";

/** "57.20° N, 3.10° W". */
export function placeWords(latitudeDeg: number, longitudeDeg: number | null): string {
  const north = `${Math.abs(latitudeDeg).toFixed(2)}° ${latitudeDeg >= 0 ? "N" : "S"}`;
  if (longitudeDeg === null) return north;
  return `${north}, ${Math.abs(longitudeDeg).toFixed(2)}° ${longitudeDeg >= 0 ? "E" : "W"}`;
}

export function placeFaultWords(fault: PlaceFault): string {
  switch (fault.type) {
    case "unknown":
      return `“${fault.found}” belongs to no way of writing a place. Allowed: 57.2, -3.1 or 57°12′30″N 3°6′W.`;
    case "numbers":
      return `${fault.count} numbers: degrees, minutes and seconds are at most three for each of latitude and longitude.`;
    case "ambiguousComma":
      return "One number with a decimal comma, or two numbers? Write 57.2, or 57.2; -3.1.";
    case "sixtieths":
      return `${fault.value} minutes or seconds: allowed are 0 up to 60, and a fraction only in the last of them.`;
    case "signAndLetter":
      return "A minus sign and S or W say the same twice: take one of them.";
    case "sameTwice":
      return "The same is said twice: one latitude (N or S) and one longitude (E or W).";
    case "tooFar":
      return `The ${fault.of} is ${trueMinus(String(fault.value))}; allowed: ${trueMinus(String(-fault.most))} to ${fault.most}.`;
  }
}

/** Where a record or a month comes from. */
export function sourceOf(source: Site["recordLowSource"]): string {
  switch (source) {
    case "typed":
      return "typed";
    case "file":
      return "from the weather file";
    case "climateKind":
      return "of the kind of climate";
    case null:
      return "assumed with care";
  }
}

/** Where a record comes from: one of a kind of climate says nothing of the place itself. */
export function recordSourceOf(source: Site["recordLowSource"]): string {
  return source === "climateKind" ? `${sourceOf(source)}, not of this place` : sourceOf(source);
}
