import { type PortArray, type PanelRef } from "@/core/engine/array";
import { cell, layStrings } from "./layout";
import { portArrayDrawingTexts } from "@/messages/en/wiring/print";

/** Longest drawing that is printed at its full size, in its units: nine panels in series on upright paper, read at arm's length. */
const fullWidth = 370;
const margin = 14;

/** The strings of a port array as they are joined, + on the left and − on the right, each panel with the number it wears. */
export function PortArrayDrawing({ portArray, nameOf }: { portArray: PortArray; nameOf: (tile: PanelRef) => string }) {
  const { width, height, tiles, wires, diodes } = layStrings(portArray.strings);
  const whole = width + 2 * margin;
  const y = cell.height / 2;
  return (
    <svg
      viewBox={`${-margin} -3 ${whole} ${height + 6}`}
      width={`${Math.min(100, (100 * whole) / fullWidth)}%`}
      role="img"
      aria-label={portArrayDrawingTexts.drawingOfTheWiring}
      style={{ display: "block" }}
    >
      {wires.map(({ x1, y1, x2, y2 }, k) => (
        <line key={k} x1={x1} y1={y1} x2={x2} y2={y2} stroke="#000" strokeWidth="1" />
      ))}
      {tiles.map(({ x, y: top, tile }) => (
        <g key={`${tile.panelId}.${tile.piece}`}>
          <rect
            x={x}
            y={top}
            width={cell.width}
            height={cell.height}
            fill="#fff"
            stroke="#000"
            strokeWidth="0.8"
            strokeDasharray={tile.bypassed ? "2 2" : undefined}
          />
          <text x={x + cell.width / 2} y={top + cell.height / 2 + 2.2} fontSize="6.2" textAnchor="middle">
            {nameOf(tile)}
          </text>
          <text x={x + 1.6} y={top + 5} fontSize="4.6">
            +
          </text>
          <text x={x + cell.width - 1.6} y={top + 5} fontSize="4.6" textAnchor="end">
            −
          </text>
        </g>
      ))}
      {diodes.map(({ x, y: middle }) => (
        <path
          key={`${x} ${middle}`}
          d={`M${x + 2.5} ${middle - 3}v6l-5 -3zM${x - 2.5} ${middle - 3}v6`}
          fill="#fff"
          stroke="#000"
          strokeWidth="0.9"
        />
      ))}
      <text x={-margin + 2} y={y + 3} fontSize="9">
        +
      </text>
      <text x={width + margin - 2} y={y + 3} fontSize="9" textAnchor="end">
        −
      </text>
    </svg>
  );
}
