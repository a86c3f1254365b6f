import { type Placing } from "./judge";
import { type Meter } from "./meter";
import { type OpenPort, type Problem } from "./problem";

/** Ports of the problem that share a limit. */
export type Shared = { readonly group: OpenPort["device"]["groups"][number]; readonly members: readonly number[] };

export function groupsAmong(ports: readonly OpenPort[]): Shared[] {
  const inputs = new Map(ports.map(({ inputId, device }) => [inputId, device]));
  return [...inputs].flatMap(([inputId, { groups }]) =>
    groups
      .map((group) => ({
        group,
        members: ports.flatMap((open, k) =>
          open.inputId === inputId && group.portIds.includes(open.port.id) ? [k] : [],
        ),
      }))
      .filter(({ group, members }) => members.length > 0 && (group.maxW !== null || group.maxA !== null)),
  );
}

/** Watts of ports in some hours, those that share a limit of watts held to it, summed over the hours: Wh. */
export function heldTogether(
  groups: readonly Shared[],
  hours: readonly number[],
  wattsAt: readonly (Float64Array | null)[],
): number {
  let sum = 0;
  for (const [h, long] of hours.entries()) {
    let all = wattsAt.reduce((total, each) => total + (each?.[h] ?? 0), 0);
    for (const { group, members } of groups) {
      const theirs = members.reduce((total, k) => total + (wattsAt[k]?.[h] ?? 0), 0);
      all -= Math.max(0, theirs - (group.maxW ?? Infinity));
    }
    sum += long * all;
  }
  return sum;
}

/** What a wiring brings in all hours and in those of each month, with the limits of watts that ports share, Wh. */
export function jointWh(
  problem: Problem,
  meter: Meter,
  placings: readonly Placing[],
): { readonly wh: number; readonly byMonthWh: readonly number[] } {
  const wattsAt = problem.ports.map((open) => {
    const placing = placings.find(({ port }) => port.inputId === open.inputId && port.port.id === open.port.id);
    const kind = problem.kinds[open.kind];
    return placing === undefined || kind === undefined ? null : meter.taken(kind, placing.net).wattsAt;
  });
  const groups = groupsAmong(problem.ports);
  const { hours, months } = problem;
  return {
    wh: heldTogether(groups, hours, wattsAt),
    byMonthWh: Array.from({ length: 12 }, (_, k) =>
      heldTogether(
        groups,
        hours.map((long, h) => (months[h] === k + 1 ? long : 0)),
        wattsAt,
      ),
    ),
  };
}

/** More than this no wiring can bring, Wh: every panel at its own best, ports that share a limit of watts held to it. */
export function maxTogetherWh({ ports, hours, have, kinds }: Problem, meter: Meter): number {
  const groups = groupsAmong(ports).filter(({ members }) => members.length === ports.length);
  const maxW = groups.reduce((least, { group }) => Math.min(least, group.maxW ?? Infinity), Infinity);
  // a panel by itself knows no port: where one has measured cables, which may lose less than the share, none are taken
  const cables = kinds.some((kind) => kind.cables !== null) ? { stringOhm: 0, arrayOhm: 0 } : null;
  const alone = have.map((_, kind) =>
    meter.stringThrough(
      have.map((__, k) => (k === kind ? 1 : 0)),
      cables,
    ),
  );
  return hours.reduce((sum, long, h) => {
    const all = have.reduce((total, n, kind) => total + n * (alone[kind]?.[h]?.mpp.p ?? 0), 0);
    return sum + long * Math.min(maxW, all);
  }, 0);
}
