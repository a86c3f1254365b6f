import { type PortArray, type Row } from "./lane";

/** What has to be bought or brought to join panels as a wiring has them. */
export type JoiningParts = {
  /** pairs of branch connectors (one + and one −), each bringing one more row in parallel */ readonly branchPairs: number;
  readonly blockingDiodes: number;
};

export function joiningParts(lanes: readonly Pick<PortArray, "rows">[]): JoiningParts {
  return lanes.map(({ rows }) => partsOfRows(rows)).reduce(sum, none);
}

const none: JoiningParts = { branchPairs: 0, blockingDiodes: 0 };

/** n rows side by side need n − 1 pairs: each pair joins one row to those before it. */
function partsOfRows(rows: readonly Row[]): JoiningParts {
  const inside = rows.flatMap((row) =>
    row.items.map((item) => (item.type === "group" ? partsOfRows(item.rows) : none)),
  );
  return inside.reduce(sum, {
    branchPairs: Math.max(0, rows.length - 1),
    blockingDiodes: rows.filter(({ blockingDiode }) => blockingDiode).length,
  });
}

function sum(a: JoiningParts, b: JoiningParts): JoiningParts {
  return { branchPairs: a.branchPairs + b.branchPairs, blockingDiodes: a.blockingDiodes + b.blockingDiodes };
}
