import { type Plan } from "@/core/plan";
import { type PvString, type PanelRef } from "@/core/engine/array";
import {
  batteryFuses,
  boxFactors,
  gaugeAmps,
  groundFactors,
  landFactors,
  metricTogetherFactors,
  openFactors,
  squareAmps,
  standardFuses,
  togetherFactors,
} from "./tables";

/**
 * What is due for the cables, fuses and isolators of a plan's first wiring, worked out by sums and tables of its own: of the application
 * it takes nothing but the plan's shape. `doubt`: too near a limit.
 */
export type DueLevel = "stop" | "open" | "care" | "note" | "good" | "doubt";
export type DueCopper = {
  readonly rule: "cableAmps" | "guards" | "terminals";
  /** Of a run its id, of a fuse its string, of an isolator its port, of a battery its input. */ readonly what: string;
  readonly about: string;
  readonly level: DueLevel;
  readonly why: string;
};

type Label = Plan["panels"][number]["label"];
const near = 1e-6;

export function dueCopper(
  plan: Plan,
  recordHighC: number,
  coldV: (strings: readonly PvString[]) => number,
): DueCopper[] {
  const [wiring] = plan.wirings;
  if (wiring === undefined) return [];
  const labels = new Map(plan.panels.map(({ id, label }) => [id, label]));
  const labelOf = (tile: PanelRef): Label => labels.get(tile.panelId) as Label;
  const amps = (strings: readonly PvString[]): number =>
    strings.reduce((sum, string) => sum + Math.max(0, ...string.items.map((item) => itemA(item))), 0);
  const itemA = (item: PvString["items"][number]): number =>
    item.type === "group" ? amps(item.strings) : item.bypassed ? 0 : (labelOf(item).iscA ?? 0);
  const isUsed = (string: PvString): boolean =>
    string.items.some((item) => (item.type === "group" ? item.strings.some(isUsed) : !item.bypassed));
  const ratingOf = (string: PvString): number => {
    const all = string.items.flatMap((item): number[] => {
      if (item.type === "panel") {
        const { maxSeriesFuseA, pmaxW } = labelOf(item);
        return item.bypassed ? [] : [maxSeriesFuseA ?? ((pmaxW ?? 0) >= 50 ? 15 : 10)];
      }
      const inner = item.strings.filter(isUsed);
      return inner.length === 1 ? inner.map(ratingOf) : [];
    });
    return Math.min(...all);
  };
  const due: DueCopper[] = [];
  const isLand = plan.standards.cable === "land" || plan.standards.cable === "portable";
  const book = isLand ? "land" : plan.standards.cable === "marine" ? "marine" : "metric";
  const isRoofMount = ["roofGap", "flush", "glued", null].includes(plan.site.mount);

  const judgeRun = (
    run: Plan["wirings"][number]["runs"][number],
    part: "string" | "trunk" | "tail" | "battery",
    iscA: number,
    faultA: number,
    strings: number,
  ): number | null => {
    if (run.size === null) return null;
    const buried = run.how === "buried" || (run.where === "ground" && run.how === null);
    const usual = (part === "string" || part === "trunk") && isRoofMount ? "roof" : "inside";
    const where = buried ? "ground" : run.where === "ground" || run.where === null ? usual : run.where;
    const how = buried ? "buried" : (run.how ?? "touching");
    const airC =
      where === "ground"
        ? 30
        : where === "engine"
          ? Math.max(50, recordHighC + 10)
          : recordHighC + { roof: 33, outside: 0, vehicleRoof: 20, inside: 10 }[where];
    const circuits = run.circuits ?? (part === "string" && (how === "conduit" || how === "buried") ? strings : 1);
    const portable = run.portable ?? plan.standards.cable === "portable";
    const mustA = part === "battery" ? faultA : Math.max((portable ? 1.25 : 1.56) * iscA, faultA);
    const canA = carries(run.size, { book, how, circuits, airC, terminalC: run.terminalC ?? 60, part, mustA });
    const level = canA === null ? "open" : Math.abs(mustA / canA - 1) < near ? "doubt" : mustA > canA ? "stop" : "good";
    due.push({ rule: "cableAmps", what: run.id, about: "", level, why: `must ${mustA}, can ${canA}` });
    return canA;
  };
  /** Cables that are said on the way of a port's panels, what each can carry, and the string's own fuse. */
  const onTheWay: { readonly port: string; readonly canA: number | null; readonly fuseA: number }[] = [];
  const cablesOf = new Map<string, number>();

  for (const { inputId, portId, strings } of wiring.portArrays) {
    const used = strings.filter(isUsed);
    if (used.length === 0 || inputId === null || portId === null) continue;
    const wholeV = coldV(strings);
    const fuseAt = (string: PvString) =>
      wiring.guards.find(({ kind, at }) => kind !== "isolator" && at.type === "string" && at.stringId === string.id);
    const visit = (set: readonly PvString[], outerA: number, isRoot: boolean) => {
      const live = set.filter(isUsed);
      for (const string of live) {
        const own = amps([string]);
        const pushedA = outerA + live.reduce((sum, other) => (other === string ? sum : sum + amps([other])), 0);
        for (const item of string.items) if (item.type === "group") visit(item.strings, pushedA, false);
        if (live.length < 2) continue;
        const ratingA = ratingOf(string);
        const size = standardFuses.find((each) => each >= 1.56 * own * (1 - 1e-12) && each <= ratingA) ?? null;
        const isNeeded = ratingA !== Infinity && 1.25 * pushedA > ratingA * (1 + 1e-9);
        const fuse = fuseAt(string);
        const faultA = fuse?.ratedA ?? (isNeeded && size !== null ? size : 1.25 * pushedA);
        const run = wiring.runs.find(({ from }) => from.type === "string" && from.stringId === string.id);
        if (isRoot && run !== undefined && run.size !== null)
          onTheWay.push({
            port: `${inputId}/${portId}`,
            canA: judgeRun(run, "string", own, faultA, live.length),
            fuseA: fuse?.ratedA ?? Infinity,
          });
        if (fuse === undefined) continue;
        const level: DueLevel =
          fuse.ratedA > ratingA * (1 + 1e-9)
            ? "stop"
            : fuse.ratedV === null
              ? "open"
              : fuse.ratedV < wholeV
                ? "stop"
                : fuse.ratedA < 1.56 * own * (1 - 1e-9)
                  ? "care"
                  : pushedA > fuse.ratedA
                    ? "good"
                    : "note";
        const isNear = fuse.ratedV !== null && Math.abs(fuse.ratedV / wholeV - 1) < 0.003;
        const what = string.id ?? "";
        const why = `${fuse.ratedA} A, ${ratingA}, ${1.56 * own}, ${pushedA}; ${fuse.ratedV} of ${wholeV} V`;
        due.push({ rule: "guards", what, about: "", level: isNear ? "doubt" : level, why });
      }
    };
    visit(strings, 0, true);
    cablesOf.set(`${inputId}/${portId}`, (used.length > 1 ? used.length : 0) + 2);
    for (const run of wiring.runs) {
      const isHere = (end: typeof run.to) => "portId" in end && end.inputId === inputId && end.portId === portId;
      const part = !isHere(run.to)
        ? null
        : run.to.type === "isolator"
          ? "trunk"
          : run.to.type === "port"
            ? "tail"
            : null;
      if (part !== null && run.size !== null)
        onTheWay.push({
          port: `${inputId}/${portId}`,
          canA: judgeRun(run, part, amps(used), 0, used.length),
          fuseA: Infinity,
        });
    }
    const isolator = wiring.guards.find(
      ({ kind, at }) => kind === "isolator" && at.type === "isolator" && at.inputId === inputId && at.portId === portId,
    );
    if (isolator !== undefined) {
      const needA = 1.25 * amps(used);
      const { ratedA, ratedV } = isolator;
      const level = ratedA < needA ? "stop" : ratedV === null ? "open" : ratedV < wholeV ? "stop" : "good";
      const isNear = Math.abs(ratedA / needA - 1) < near || (ratedV !== null && Math.abs(ratedV / wholeV - 1) < 0.003);
      due.push({
        rule: "guards",
        what: `${inputId}/${portId}`,
        about: "switch",
        level: isNear ? "doubt" : level,
        why: `${ratedA} of ${needA} A, ${ratedV} of ${wholeV} V`,
      });
    }
  }
  for (const { id: inputId, device } of plan.inputs) {
    if (
      device.kind !== "chargeController" ||
      !wiring.portArrays.some((portArray) => portArray.inputId === inputId && portArray.strings.some(isUsed))
    )
      continue;
    const outputs = device.ports.map(
      ({ batteryMaxA, maxW, batteryV }) => batteryMaxA ?? (maxW !== null && batteryV !== null ? maxW / batteryV : null),
    );
    const nominalV = device.ports.find(({ batteryV }) => batteryV !== null)?.batteryV ?? null;
    if (outputs.includes(null) || nominalV === null) continue;
    const outputA = outputs.reduce<number>((sum, each) => sum + (each ?? 0), 0);
    const fuse = wiring.guards.find(
      ({ kind, at }) => kind !== "isolator" && at.type === "bank" && at.inputId === inputId,
    );
    const run = wiring.runs.find(({ to }) => to.type === "bank" && to.inputId === inputId);
    const faultA = Math.max(
      1.25 * outputA,
      fuse?.ratedA ?? batteryFuses.find((each) => each >= 1.25 * outputA * (1 - 1e-9)) ?? 0,
    );
    if (run !== undefined) judgeRun(run, "battery", 0, faultA, 1);
    const backfeed = plan.protect.controllers.find((each) => each.inputId === inputId)?.backfeed ?? null;
    const advisedA = batteryFuses.find((each) => each >= 1.25 * outputA * (1 - 1e-9)) ?? Infinity;
    for (const { id: portId } of device.ports) {
      const port = `${inputId}/${portId}`;
      const ways = onTheWay.filter((each) => each.port === port && each.canA !== null);
      if (ways.length === 0 || backfeed === "none") continue;
      const over = Math.max(
        ...ways.map(({ canA, fuseA }) => Math.min(fuse?.ratedA ?? advisedA, fuseA) / (canA ?? Infinity)),
      );
      // what nobody said is chosen by the application, which may be the thinner
      if (over <= 1 && ways.length < (cablesOf.get(port) ?? 0)) continue;
      const level = over <= 1 ? "good" : backfeed === null || over === Infinity ? "open" : "stop";
      const isNear = Math.abs(over - 1) < near;
      due.push({
        rule: "terminals",
        what: port,
        about: "backfeed",
        level: isNear ? "doubt" : level,
        why: `${over} times`,
      });
    }
    if (fuse === undefined || run === undefined || run.size === null) continue;
    const chargeV = { 12.8: 14.6, 25.6: 29.2, 51.2: 58.4 }[nominalV] ?? 0;
    const buried = run.how === "buried" || (run.where === "ground" && run.how === null);
    const place = buried ? "ground" : run.where === null || run.where === "ground" ? "inside" : run.where;
    const airC =
      place === "ground"
        ? 30
        : place === "engine"
          ? Math.max(50, recordHighC + 10)
          : recordHighC + { roof: 33, outside: 0, vehicleRoof: 20, inside: 10 }[place];
    const canA = carries(run.size, {
      ...{ book, how: buried ? "buried" : (run.how ?? "touching"), circuits: run.circuits ?? 1, airC },
      ...{ terminalC: run.terminalC ?? 60, part: "battery", mustA: faultA },
    });
    const level: DueLevel =
      canA !== null && fuse.ratedA > canA * (1 + 1e-9)
        ? "stop"
        : fuse.ratedV === null
          ? "open"
          : fuse.ratedV < chargeV
            ? "stop"
            : fuse.breaksA !== null && fuse.breaksA < 5000
              ? "care"
              : fuse.ratedA < 1.25 * outputA * (1 - 1e-9)
                ? "care"
                : fuse.breaksA === null
                  ? "open"
                  : "good";
    due.push({
      rule: "guards",
      what: inputId,
      about: "battery",
      level,
      why: `${fuse.ratedA} A, can ${canA}, ${chargeV} V`,
    });
  }
  return due;
}

type Laid = {
  readonly book: "land" | "metric" | "marine";
  readonly how: string;
  readonly circuits: number;
  readonly airC: number;
  readonly terminalC: number;
  readonly part: string;
  readonly mustA: number;
};

/** What a cable may have to carry at most, A; null: no table goes so far. */
function carries(size: string, { book, how, circuits, airC, terminalC, part, mustA }: Laid): number | null {
  const upTo = (table: readonly (readonly [number, number])[], value: number) =>
    table.find(([limit]) => value <= limit)?.[1] ?? null;
  const gauge = gaugeAmps[size];
  if (gauge !== undefined) {
    const [heat, many] = [upTo(landFactors, airC), upTo(togetherFactors, 2 * circuits)];
    if (heat === null || many === null) return null;
    if (book === "marine") return gauge.at90 * heat * many;
    const terminals = mustA > 100 || terminalC === 75 ? gauge.at75 : gauge.at60;
    return Math.min(gauge.at90 * heat * many, terminals, gauge.cap ?? Infinity);
  }
  const square = squareAmps[size];
  if (square === undefined) return null;
  const isOpen = book === "metric" && part !== "battery" && ["freeAir", "surface", "touching"].includes(how);
  const amps = how === "buried" ? square.buried : isOpen ? square[how as "surface"] : square.conduit;
  const heat = upTo(how === "buried" ? groundFactors : isOpen ? openFactors : boxFactors, airC);
  const many = upTo(metricTogetherFactors, circuits);
  return amps === null || heat === null || many === null ? null : amps * heat * many;
}
