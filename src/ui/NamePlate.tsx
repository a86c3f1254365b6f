import Box from "@mui/material/Box";

/** The mark: six tiles of an array, one of them the sun; with `short` it stands alone where there is little room. */
const productName = "Golden Array";

export function NamePlate({ short = false }: { short?: boolean }) {
  return (
    <Box component="span" sx={{ display: "inline-flex", alignItems: "center", gap: 1, color: "var(--ink)" }}>
      <svg width="34" height="24" viewBox="0 0 34 24" aria-hidden>
        <g transform="skewX(-14) translate(6 0)" stroke="var(--ink)" strokeWidth="1.4">
          {[0, 1, 2].flatMap((column) =>
            [0, 1].map((row) => (
              <rect
                key={`${column}${row}`}
                x={1 + column * 9}
                y={1 + row * 11.5}
                width="8"
                height="10.5"
                fill={column === 2 && row === 0 ? "var(--amber)" : "var(--sheet)"}
              />
            )),
          )}
        </g>
      </svg>
      <Box
        component="span"
        sx={{
          display: short ? { xs: "none", md: "inline" } : "inline",
          fontFamily: "var(--font-display)",
          fontWeight: 700,
          fontSize: "1.0625rem",
          letterSpacing: "-0.01em",
          whiteSpace: "nowrap",
        }}
      >
        {productName}
      </Box>
    </Box>
  );
}
