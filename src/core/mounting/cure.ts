/** How long tape and sealant take, by the air they are in. Sheets of makers differ: theirs count where they are at hand. */

/** Colder air makes chemistry slower: half as fast for each 10 K (a rule of thumb; warmer than its sheet is not credited). */
function slowerBy(airC: number, sheetC: number): number {
  return 2 ** (Math.max(0, sheetC - airC) / 10);
}

/** Foam tape is not laid colder than this, °C: it does not wet the skin. */
export const coldestTapeC = 10;

/** Hours until foam tape has 90 % of its strength (24 at 20 °C), and all of it (72). */
export function tapeHours(airC: number): { readonly most: number; readonly all: number } {
  const factor = slowerBy(airC, 20);
  return { most: 24 * factor, all: 72 * factor };
}

/** Polyurethane takes its water from the air: the figures of sheets are at 23 °C and 50 % humidity. */
const sheetHumidityPct = 50;
const curesMmADay = 3;

/** Hours until polyurethane sealant has a skin, and until it is cured so many mm inward from where air reaches it. */
export function sealantHours(depthMm: number, airC: number, humidityPct: number) {
  const dry = Math.max(1, sheetHumidityPct / Math.max(5, humidityPct));
  const factor = slowerBy(airC, 23) * dry;
  return { skin: factor, through: (24 * depthMm * factor) / curesMmADay };
}
