/** A place on the Earth, degrees, north and east positive; a latitude alone is a place half said. */
export type PlaceReading =
  | { readonly type: "place"; readonly latitudeDeg: number; readonly longitudeDeg: number }
  | { readonly type: "latitude"; readonly latitudeDeg: number }
  | { readonly type: "empty" }
  | { readonly type: "fault"; readonly fault: PlaceFault };

export type PlaceFault =
  /** A letter or mark that belongs to no such notation. */
  | { readonly type: "unknown"; readonly found: string }
  /** Too many or too few numbers for degrees, minutes and seconds. */
  | { readonly type: "numbers"; readonly count: number }
  /** "57,2" alone: a decimal comma, or two numbers. */
  | { readonly type: "ambiguousComma" }
  /** 60 or more minutes or seconds, or a fraction before the last of them. */
  | { readonly type: "sixtieths"; readonly value: number }
  /** A minus sign together with S or W says it twice. */
  | { readonly type: "signAndLetter" }
  /** Two latitudes, or two longitudes. */
  | { readonly type: "sameTwice" }
  | { readonly type: "tooFar"; readonly of: "latitude" | "longitude"; readonly value: number; readonly most: number };

class Unreadable extends Error {
  constructor(readonly fault: PlaceFault) {
    super(fault.type);
  }
}

type Token =
  | { readonly type: "number"; readonly value: number; readonly whole: boolean; readonly signed: boolean }
  | { readonly type: "letter"; readonly letter: "N" | "S" | "E" | "W" }
  | { readonly type: "degree" | "separator" };

/** Longest text that is looked at: no notation of a place is as long. */
const maxLetters = 120;

/**
 * Reads latitude and longitude as people write them: "57.2, -3.1", "57,2; -3,1", "57°12′30″N 3°6′W", "N57 12.5 W003 06.2",
 * "geo:57.2,-3.1". Without letters the latitude comes first.
 */
export function readPlace(text: string): PlaceReading {
  const plain = text.slice(0, maxLetters).trim();
  if (plain === "") return { type: "empty" };
  try {
    return toPlace(tokensOf(withPoints(normal(plain))));
  } catch (error) {
    if (error instanceof Unreadable) return { type: "fault", fault: error.fault };
    throw error;
  }
}

/** Words and look-alikes as one letter each. */
function normal(text: string): string {
  return text
    .toUpperCase()
    .replace(/^GEO:/, "")
    .replace(/\b(?:LATITUDE|LAT|LONGITUDE|LONG|LON|LNG)\b\.?[:=]?/g, " ")
    .replace(/\b(NORTH|SOUTH|EAST|WEST)\b/g, (word) => word.charAt(0))
    .replace(/\b(?:DEGREES?|DEG)\b/g, "°")
    .replace(/[º˚]/g, "°")
    .replace(/[−–]/g, "-")
    .replace(/''|[″”“"]/g, " ")
    .replace(/[′’‘'`´]/g, " ");
}

/** Decimal commas as points, where they can be told from commas between two numbers. */
function withPoints(text: string): string {
  const commas = text.match(/\d,\d/g)?.length ?? 0;
  if (commas === 0 || text.includes(".")) return text;
  const rest = text.replace(/(\d),(\d)/g, "$1$2").trim();
  const isApart = /[\s;/|,NSEW°]/.test(rest);
  if (isApart && commas <= 2) return text.replace(/(\d),(\d)/g, "$1.$2");
  throw new Unreadable({ type: "ambiguousComma" });
}

function tokensOf(text: string): Token[] {
  const tokens: Token[] = [];
  const part = /\s*(?:([+-]?\d{1,9}(?:\.\d{0,12})?)|([NSEW])|(°)|([,;/|])|(\S))/y;
  for (;;) {
    const found = part.exec(text);
    if (found === null) return tokens;
    const [, number, letter, degree, , odd] = found;
    if (odd !== undefined) throw new Unreadable({ type: "unknown", found: odd });
    if (number !== undefined)
      tokens.push({
        type: "number",
        value: Number(number),
        whole: !number.includes("."),
        signed: /^[+-]/.test(number),
      });
    else if (letter !== undefined) tokens.push({ type: "letter", letter: letter as "N" | "S" | "E" | "W" });
    else tokens.push({ type: degree === undefined ? "separator" : "degree" });
  }
}

type Angle = { readonly numbers: Extract<Token, { type: "number" }>[]; letter: "N" | "S" | "E" | "W" | null };

function toPlace(tokens: readonly Token[]): PlaceReading {
  const angles = anglesOf(tokens).filter(({ numbers }) => numbers.length > 0);
  const count = angles.reduce((sum, { numbers }) => sum + numbers.length, 0);
  const [first, second] = angles;
  if (first === undefined || angles.length > 2 || angles.some(({ numbers }) => numbers.length > 3))
    throw new Unreadable({ type: "numbers", count });
  if (second === undefined) {
    if (first.letter === "E" || first.letter === "W") throw new Unreadable({ type: "numbers", count });
    return { type: "latitude", latitudeDeg: within(degreesOf(first), "latitude", 90) };
  }
  const isEastWest = ({ letter }: Angle) => letter === "E" || letter === "W";
  const isSwapped = isEastWest(first);
  if (first.letter !== null && second.letter !== null && isEastWest(first) === isEastWest(second))
    throw new Unreadable({ type: "sameTwice" });
  const [latitude, longitude] = isSwapped ? [second, first] : [first, second];
  return {
    type: "place",
    latitudeDeg: within(degreesOf(latitude), "latitude", 90),
    longitudeDeg: within(degreesOf(longitude), "longitude", 180),
  };
}

/** Which numbers belong together: by letters, else by what stands between, else by degree marks, else by their count. */
function anglesOf(tokens: readonly Token[]): Angle[] {
  const angles: Angle[] = [{ numbers: [], letter: null }];
  const isPrefix = tokens[0]?.type === "letter";
  const hasLetters = tokens.some(({ type }) => type === "letter");
  const hasSeparator = tokens.some(({ type }) => type === "separator");
  tokens.forEach((token, k) => {
    let angle = angles.at(-1) as Angle;
    const begin = () => angles.push((angle = { numbers: [], letter: null }));
    if (token.type === "letter") {
      if (isPrefix && angle.numbers.length > 0) begin();
      angle.letter = token.letter;
      if (!isPrefix) begin();
    } else if (token.type === "separator" && !hasLetters) begin();
    else if (token.type === "number") {
      const isMarked = tokens[k + 1]?.type === "degree";
      if (!hasLetters && !hasSeparator && (isMarked || token.signed) && angle.numbers.length > 0) begin();
      angle.numbers.push(token);
    }
  });
  const [only] = angles;
  const numbers = only?.numbers ?? [];
  // "57 3", "57 12 3 6": as many for each
  if (angles.length === 1 && !hasLetters && numbers.length % 2 === 0 && !tokens.some(({ type }) => type === "degree"))
    return [numbers.slice(0, numbers.length / 2), numbers.slice(numbers.length / 2)].map((half) => ({
      numbers: half,
      letter: null,
    }));
  return angles;
}

function degreesOf({ numbers, letter }: Angle): number {
  const [degrees, ...sixtieths] = numbers;
  if (degrees === undefined) throw new Unreadable({ type: "numbers", count: 0 });
  const isMinus = Object.is(degrees.value, -0) || degrees.value < 0;
  if (letter !== null && degrees.signed) throw new Unreadable({ type: "signAndLetter" });
  numbers.slice(0, -1).forEach(({ whole, value }) => {
    if (!whole) throw new Unreadable({ type: "sixtieths", value });
  });
  const size = sixtieths.reduce((sum, { value, signed }, k) => {
    if (signed || value >= 60) throw new Unreadable({ type: "sixtieths", value });
    return sum + value / 60 ** (k + 1);
  }, Math.abs(degrees.value));
  return isMinus || letter === "S" || letter === "W" ? -size : size;
}

function within(value: number, of: "latitude" | "longitude", most: number): number {
  if (Math.abs(value) > most) throw new Unreadable({ type: "tooFar", of, value, most });
  return value;
}
