import { type Wiring } from "@/core/plan";
import { type PvString, tilesOfStrings } from "@/core/engine/array";
import { sketchTexts } from "@/messages/en/plans/view";

/** Panels in a string, strings of a port array and port arrays that can be told apart in so small a drawing. */
const most = { series: 8, strings: 4, portArrays: 3 } as const;
const panel = { width: 7, height: 4.4, gap: 1.6 } as const;
const stringPitch = panel.height + 2.4;
/** The drawing is reckoned in units of its own, and shown larger. */
const scale = 1.5;

/** A wiring at a glance: each port array its strings, each string its panels in series; more than can be drawn is left open to the right. */
export function Sketch({ wiring }: { wiring: Wiring }) {
  const portArrays = wiring.portArrays.filter(({ strings }) => strings.length > 0).slice(0, most.portArrays);
  if (portArrays.length === 0) return null;
  const drawn = portArrays.map(({ strings }) => strings.slice(0, most.strings).map(lengthOf));
  const portArrayWidth = (strings: readonly number[]) =>
    8 + Math.min(most.series, Math.max(...strings)) * (panel.width + panel.gap) + 4;
  const height = Math.max(...drawn.map((strings) => strings.length)) * stringPitch + 2;
  const lefts = drawn.map((_, k) => drawn.slice(0, k).reduce((sum, strings) => sum + portArrayWidth(strings) + 8, 0));
  const width = (lefts.at(-1) ?? 0) + portArrayWidth(drawn.at(-1) ?? [1]);
  return (
    <svg
      width={width * scale}
      height={height * scale}
      viewBox={`0 0 ${width} ${height}`}
      aria-hidden
      style={{ display: "block" }}
    >
      {drawn.map((strings, portArray) => (
        <g key={portArray} transform={`translate(${lefts[portArray] ?? 0} 0)`}>
          <path
            d={`M2 ${panel.height / 2 + 1}V${(strings.length - 1) * stringPitch + panel.height / 2 + 1}`}
            stroke="var(--ink)"
            strokeWidth="1.6"
          />
          {strings.map((count, string) => {
            const y = string * stringPitch + 1;
            const shown = Math.min(count, most.series);
            return (
              <g key={string}>
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

/** Panels drawn in series for a string; a group counts with its longest string. */
function lengthOf(string: PvString): number {
  return string.items.reduce(
    (sum, item) => sum + (item.type === "panel" ? 1 : Math.max(1, ...item.strings.map(lengthOf))),
    0,
  );
}

/** What the drawing shows, in words. */
export function sketchWords({ portArrays }: Wiring): string {
  const counts = portArrays.map(({ strings }) => ({ strings: strings.length, panels: tilesOfStrings(strings).length }));
  return counts
    .map(({ strings, panels }) => `${panels} in ${strings === 1 ? "one string" : sketchTexts.stringsStrings(strings)}`)
    .join("; ");
}
