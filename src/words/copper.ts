/** Cables and their sizes as people write them. */

/** "6 mm2" as it is read: 6 mm². */
export function sizeWords(name: string): string {
  return name.replace("mm2", "mm²").replace(" ", "\u00a0");
}
