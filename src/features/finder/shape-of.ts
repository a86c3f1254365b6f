import { keyOf, type Lane, tilesOfRows } from "@/core/wiring";

/** A wiring by what stands where, whatever its rows are called and in whatever order they come. */
export function shapeOf(lanes: readonly Lane[]): string {
  return lanes
    .filter(({ rows }) => rows.length > 0)
    .map(({ inputId, portId, rows }) => {
      const told = rows.map(({ items, blockingDiode }) =>
        JSON.stringify([
          items.map((item) => (item.type === "panel" ? `${item.panelId} ${item.joinedPast}` : item.rows)).sort(),
          blockingDiode,
        ]),
      );
      return `${inputId}/${portId}: ${told.sort().join()}`;
    })
    .sort()
    .join(";");
}

/** A wiring of the field by the very panels in it: points may be alike in shape, and differ in which of equal panels lies in the shade. */
export function piecesOf(lanes: readonly Lane[]): string {
  return JSON.stringify(
    lanes.map(({ inputId, portId, rows }) => [inputId, portId, rows.map((row) => tilesOfRows([row]).map(keyOf))]),
  );
}
