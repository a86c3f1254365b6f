import { type Wiring } from "@/core/plan";
import { type Row, tilesOfRows } from "@/core/engine/array";
import { sketchTexts } from "@/messages/en/plans/view";

/** Panels in a row, rows of a lane and lanes that can be told apart in so small a drawing. */
const most = { series: 8, rows: 4, lanes: 3 } as const;
const panel = { width: 7, height: 4.4, gap: 1.6 } as const;
const rowPitch = panel.height + 2.4;
/** The drawing is reckoned in units of its own, and shown larger. */
const scale = 1.5;

/** A wiring at a glance: each lane its rows, each row its panels in series; more than can be drawn is left open to the right. */
export function Sketch({ wiring }: { wiring: Wiring }) {
  const lanes = wiring.lanes.filter(({ rows }) => rows.length > 0).slice(0, most.lanes);
  if (lanes.length === 0) return null;
  const drawn = lanes.map(({ rows }) => rows.slice(0, most.rows).map(lengthOf));
  const laneWidth = (rows: readonly number[]) =>
    8 + Math.min(most.series, Math.max(...rows)) * (panel.width + panel.gap) + 4;
  const height = Math.max(...drawn.map((rows) => rows.length)) * rowPitch + 2;
  const lefts = drawn.map((_, k) => drawn.slice(0, k).reduce((sum, rows) => sum + laneWidth(rows) + 8, 0));
  const width = (lefts.at(-1) ?? 0) + laneWidth(drawn.at(-1) ?? [1]);
  return (
    <svg
      width={width * scale}
      height={height * scale}
      viewBox={`0 0 ${width} ${height}`}
      aria-hidden
      style={{ display: "block" }}
    >
      {drawn.map((rows, lane) => (
        <g key={lane} transform={`translate(${lefts[lane] ?? 0} 0)`}>
          <path
            d={`M2 ${panel.height / 2 + 1}V${(rows.length - 1) * rowPitch + panel.height / 2 + 1}`}
            stroke="var(--ink)"
            strokeWidth="1.6"
          />
          {rows.map((count, row) => {
            const y = row * rowPitch + 1;
            const shown = Math.min(count, most.series);
            return (
              <g key={row}>
                <path
                  d={`M2 ${y + panel.height / 2}H${8 + shown * (panel.width + panel.gap)}`}
                  stroke="var(--ink)"
                  strokeWidth="1"
                />
                {Array.from({ length: shown }, (_, k) => (
                  <rect
                    key={k}
                    x={6 + k * (panel.width + panel.gap)}
                    y={y}
                    width={panel.width}
                    height={panel.height}
                    fill="var(--amber)"
                    stroke="var(--ink)"
                    strokeWidth="0.8"
                  />
                ))}
              </g>
            );
          })}
        </g>
      ))}
    </svg>
  );
}

/** Panels drawn in series for a row; a group counts with its longest row. */
function lengthOf(row: Row): number {
  return row.items.reduce(
    (sum, item) => sum + (item.type === "panel" ? 1 : Math.max(1, ...item.rows.map(lengthOf))),
    0,
  );
}

/** What the drawing shows, in words. */
export function sketchWords({ lanes }: Wiring): string {
  const counts = lanes.map(({ rows }) => ({ rows: rows.length, panels: tilesOfRows(rows).length }));
  return counts
    .map(({ rows, panels }) => `${panels} in ${rows === 1 ? "one string" : sketchTexts.rowsStrings(rows)}`)
    .join("; ");
}
