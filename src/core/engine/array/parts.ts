import { type PortArray, type PvString } from "./port-array";

/** What has to be bought or brought to join panels as a wiring has them. */
export type JoiningParts = {
  /** pairs of branch connectors (one + and one −), each bringing one more string in parallel */ readonly branchPairs: number;
  readonly blockingDiodes: number;
};

export function joiningParts(portArrays: readonly Pick<PortArray, "strings">[]): JoiningParts {
  return portArrays.map(({ strings }) => partsOfStrings(strings)).reduce(sum, none);
}

const none: JoiningParts = { branchPairs: 0, blockingDiodes: 0 };

/** n strings side by side need n − 1 pairs: each pair joins one string to those before it. */
function partsOfStrings(strings: readonly PvString[]): JoiningParts {
  const inside = strings.flatMap((string) =>
    string.items.map((item) => (item.type === "group" ? partsOfStrings(item.strings) : none)),
  );
  return inside.reduce(sum, {
    branchPairs: Math.max(0, strings.length - 1),
    blockingDiodes: strings.filter(({ blockingDiode }) => blockingDiode).length,
  });
}

function sum(a: JoiningParts, b: JoiningParts): JoiningParts {
  return { branchPairs: a.branchPairs + b.branchPairs, blockingDiodes: a.blockingDiodes + b.blockingDiodes };
}
