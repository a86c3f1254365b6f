import { type PanelSheet } from "@/core/plan";
import { lightAt, type Stand, type PanelRef } from "@/core/engine/array";

type Props = {
  readonly label: PanelSheet;
  readonly tile: PanelRef;
  readonly stand: Stand;
  readonly substrings: number;
  readonly bypassed: readonly boolean[];
};

/** Pixels for a millimetre, and the room there is: a large house panel just fits. */
const scale = 84 / 2300;
const least = { width: 34, height: 16 } as const;
const assumedMm = { length: 1200, width: 550 } as const;
/** More stripes than this on a tile cannot be told apart. */
const maxStripes = 24;

/** A panel drawn to scale, its substrings as stripes: shaded ones hatched, bypassed ones crossed out. */
export function TilePicture({ label, tile, stand, substrings, bypassed }: Props) {
  const width = Math.max(least.width, Math.min(88, (label.lengthMm ?? assumedMm.length) * scale));
  const height = Math.max(least.height, Math.min(40, (label.widthMm ?? assumedMm.width) * scale));
  const shown = Math.min(substrings, maxStripes);
  const stripe = width / shown;
  const dark = tile.bypassed || stand.stance !== "out";
  return (
    <svg width={width} height={height} viewBox={`0 0 ${width} ${height}`} aria-hidden style={{ display: "block" }}>
      {Array.from({ length: shown }, (_, k) => {
        const share = lightAt(stand.light, k, shown);
        const x = k * stripe;
        return (
          <g key={k} data-substring={k + 1}>
            <rect
              x={x}
              y="0"
              width={stripe}
              height={height}
              fill={dark ? "var(--line)" : share < 1 ? "var(--ink-soft)" : "var(--amber)"}
              stroke="var(--ink)"
              strokeWidth="0.8"
            />
            {share < 1 && !dark && (
              <path d={`M${x} ${height}L${x + stripe} 0`} stroke="var(--sheet)" strokeWidth="1.4" />
            )}
            {bypassed[k] === true && (
              <path d={`M${x + 1} ${height - 2.5}H${x + stripe - 1}`} stroke="var(--stop)" strokeWidth="3" />
            )}
          </g>
        );
      })}
      <rect
        x="0.5"
        y="0.5"
        width={width - 1}
        height={height - 1}
        fill="none"
        stroke="var(--ink)"
        strokeWidth="1.2"
        strokeDasharray={tile.bypassed ? "3 3" : undefined}
      />
    </svg>
  );
}
