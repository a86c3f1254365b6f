/** A way to wire panels: for each port its rows, each as how many of each kind are in it. */
export type Way = { readonly portArrays: readonly (readonly (readonly number[])[])[] };

/** Every way to put so many of each kind into rows and the rows before ports, told by trying each panel in each place. */
export function everyWay(have: readonly number[], ports: number): Way[] {
  const panels = have.flatMap((count, kind) => Array.from({ length: count }, () => kind));
  const ways = new Map<string, Way>();
  const place = (at: number, portArrays: Way["portArrays"]): void => {
    const kind = panels[at];
    if (kind === undefined) {
      const told = portArrays.map((rows) =>
        rows.map((row) => [...row]).sort((a, b) => b.join().localeCompare(a.join())),
      );
      ways.set(JSON.stringify(told), { portArrays: told });
      return;
    }
    place(at + 1, portArrays);
    for (let port = 0; port < ports; port++) {
      const rows = portArrays[port] ?? [];
      for (let row = 0; row <= rows.length; row++) {
        const before = rows[row] ?? have.map(() => 0);
        const grown = before.map((n, k) => (k === kind ? n + 1 : n));
        place(at + 1, portArrays.with(port, row === rows.length ? [...rows, grown] : rows.with(row, grown)));
      }
    }
  };
  place(
    0,
    Array.from({ length: ports }, () => []),
  );
  return [...ways.values()];
}
