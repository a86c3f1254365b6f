import { amount } from "@/ui";

type Props = { readonly series: number; readonly strings: number; readonly stringV: number | null; readonly totalA: number | null };

const most = { columns: 8, rows: 5 } as const;
const tile = { width: 26, height: 34, gap: 9 } as const;

/** The wiring drawn: each row a string from + to −, rows joined at both ends. Long ones are shortened with a count. */
export function StringDrawing({ series, strings, stringV, totalA }: Props) {
  const columns = Math.min(series, most.columns);
  const rows = Math.min(strings, most.rows);
  const left = 26;
  const rowHeight = tile.height + 12;
  const rowWidth = most.columns * (tile.width + tile.gap);
  const right = left + Math.max(columns, 1) * (tile.width + tile.gap) + (series > columns ? 24 : 0);
  const height = rows * rowHeight + (strings > rows ? 18 : 0) + 30;
  const middle = (row: number) => 8 + row * rowHeight + tile.height / 2;
  return (
    <svg viewBox={`0 0 ${left + rowWidth + 44} ${height}`} width="100%" style={{ maxWidth: left + rowWidth + 44, display: "block" }} role="img" aria-label={`${series} in series, ${strings} in parallel`}>
      {Array.from({ length: rows }, (_, row) => (
        <g key={row}>
          <path d={`M12 ${middle(row)}H${right + 14}`} stroke="var(--ink)" strokeWidth="1.6" />
          {Array.from({ length: columns }, (_, column) => {
            const x = left + column * (tile.width + tile.gap);
            const y = middle(row) - tile.height / 2;
            return (
              <g key={column}>
                <rect x={x} y={y} width={tile.width} height={tile.height} fill="var(--amber)" stroke="var(--ink)" strokeWidth="1.4" />
                <path d={`M${x + tile.width / 2} ${y}v${tile.height}M${x} ${y + tile.height / 3}h${tile.width}M${x} ${y + (2 * tile.height) / 3}h${tile.width}`} stroke="var(--on-amber)" strokeOpacity="0.45" strokeWidth="0.8" />
              </g>
            );
          })}
          {series > columns && <text x={right - 18} y={middle(row) - 6} fontSize="12" fill="var(--ink)" className="num">{`×${series}`}</text>}
        </g>
      ))}
      <path d={`M12 ${middle(0)}V${middle(rows - 1)}M${right + 14} ${middle(0)}V${middle(rows - 1)}`} stroke="var(--ink)" strokeWidth="2.6" />
      <text x="2" y={middle(0) - 8} fontSize="15" fontWeight="700" fill="var(--ink)">+</text>
      <text x={right + 18} y={middle(0) - 6} fontSize="15" fontWeight="700" fill="var(--ink)">−</text>
      {strings > rows && <text x={left} y={rows * rowHeight + 14} fontSize="12" fill="var(--ink)" className="num">{`… ${strings} strings in all`}</text>}
      {stringV !== null && totalA !== null && (
        <g fontSize="13" fill="var(--ink)" className="num">
          <text x="4" y={height - 6}>{`→ volts add: ${amount(stringV, "V")}`}</text>
          <text x="168" y={height - 6}>{`↓ amps add: ${amount(totalA, "A")}`}</text>
        </g>
      )}
    </svg>
  );
}
