/** What parts cost where nobody has said otherwise, in the currency of the panels: taken, and told as taken. */
export type PartPrices = {
  /** A pair of branch connectors. */ readonly branchPair: number;
  /** A fuse with its holder, for a string. */ readonly fuse: number;
  /** A set of leads and adapters to a port. */ readonly port: number;
};
export const assumedPrices: PartPrices = { branchPair: 12, fuse: 14, port: 25 };

/** What joining panels costs. */
export function moneyFor(parts: {
  readonly branchPairs: number;
  readonly fuses: number;
  readonly ports: number;
}): number {
  const { branchPair, fuse, port } = assumedPrices;
  return parts.branchPairs * branchPair + parts.fuses * fuse + parts.ports * port;
}
