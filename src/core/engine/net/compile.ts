import {
  type Curve,
  blockingDiodeCurve,
  cableCurve,
  inParallel,
  inSeries,
  repeatInParallel,
  repeatInSeries,
  substringCurve,
} from "../iv";
import { atSky, type PanelModel } from "../panel";
import { type Net, type PanelNet } from "./net";

/** A built branch. Its curve is null when it is open: no current passes whatever the voltage. */
export type Branch = { readonly key: string; readonly curve: Curve | null };

const openBranch: Branch = { key: "open", curve: null };

/**
 * A current no branch of the net can reach: light currents add in parallel, and in series the
 * strongest rules. Curves are drawn this far in both directions.
 */
export function largestA(net: Net): number {
  const bound = (node: Net): number => {
    switch (node.type) {
      case "panel":
        return node.irradianceWm2.reduce((most, s) => Math.max(most, atSky(node.model, s, node.cellTempC).lightA), 0);
      case "series":
        return node.members.reduce((most, member) => Math.max(most, bound(member)), 0);
      case "parallel":
        return node.members.reduce((sum, member) => sum + bound(member), 0);
      case "cable":
      case "blockingDiode":
      case "fuse":
        return 0;
    }
  };
  return Math.max(0.01, 1.1 * bound(net));
}

/** Builds curves bottom up; equal branches are built once and scaled. Lives for one solve. */
export class Compiler {
  private readonly modelKeys = new Map<PanelModel, string>();
  private readonly curves = new Map<string, Curve>();
  private readonly branches = new Map<Net, Branch>();

  constructor(private readonly maxA: number) {}

  /** The branch of a net or of any part of it. */
  branch(net: Net): Branch {
    const known = this.branches.get(net);
    if (known !== undefined) return known;
    const built = this.build(net);
    this.branches.set(net, built);
    return built;
  }

  /** The curve of one substring of a panel. */
  substring(net: PanelNet, irradianceWm2: number): Curve {
    const { model, cellTempC } = net;
    return this.once(`${this.modelKey(model)}@${cellTempC}/${irradianceWm2}`, () =>
      substringCurve(atSky(model, irradianceWm2, cellTempC), substringCount(model), model.bypassDiodes > 0, this.maxA),
    );
  }

  private build(net: Net): Branch {
    switch (net.type) {
      case "panel":
        return this.panel(net);
      case "series":
      case "parallel":
        return this.group(
          net.members.map((member) => this.branch(member)),
          net.type === "series",
        );
      case "cable":
        return { key: `r${net.ohm}`, curve: this.once(`r${net.ohm}`, () => cableCurve(net.ohm, this.maxA)) };
      case "blockingDiode":
        return { key: "d", curve: this.once("d", () => blockingDiodeCurve(this.maxA)) };
      case "fuse":
        // a whole fuse is a short piece of cable; its milliohm keeps the curve's voltage defined
        return net.open ? openBranch : { key: "f", curve: this.once("f", () => cableCurve(fuseOhm, this.maxA)) };
    }
  }

  private group(branches: readonly Branch[], series: boolean): Branch {
    if (series && branches.some((branch) => branch.curve === null)) return openBranch;
    const members = branches.filter((branch): branch is { key: string; curve: Curve } => branch.curve !== null);
    const [first] = members;
    if (first === undefined) return branches.length === 0 ? refuseEmptyGroup() : openBranch;
    if (members.length === 1) return first;
    // sorted by key, so that the order of siblings cannot change even the last digit
    members.sort((a, b) => (a.key < b.key ? -1 : a.key > b.key ? 1 : 0));
    const key = `${series ? "s" : "p"}(${members.map((member) => member.key).join()})`;
    const repeat = series ? repeatInSeries : repeatInParallel;
    const add = series ? inSeries : inParallel;
    return {
      key,
      curve: this.once(key, () =>
        add(runs(members, (member) => member.key).map(({ value, count }) => repeat(value.curve, count))),
      ),
    };
  }

  private panel(net: PanelNet): Branch {
    const light = substringLight(net).sort((a, b) => a - b);
    const key = `${this.modelKey(net.model)}@${net.cellTempC}:${light.join("/")}`;
    const build = () =>
      inSeries(runs(light, (s) => s).map(({ value, count }) => repeatInSeries(this.substring(net, value), count)));
    return { key, curve: this.once(key, build) };
  }

  /** Models are told apart by their numbers, not by where they first appear: order must not matter. */
  private modelKey(model: PanelModel): string {
    const known = this.modelKeys.get(model);
    if (known !== undefined) return known;
    const key = Object.values(model).join("_");
    this.modelKeys.set(model, key);
    return key;
  }

  private once(key: string, build: () => Curve): Curve {
    const known = this.curves.get(key);
    if (known !== undefined) return known;
    const built = build();
    this.curves.set(key, built);
    return built;
  }
}

export const fuseOhm = 0.001;

/** Groups of cells that can be lit apart: one for each bypass diode, and one without any. */
export function substringCount({ bypassDiodes }: Pick<PanelModel, "bypassDiodes">): number {
  return Math.max(1, bypassDiodes);
}

/** Irradiance of each substring of a panel, in the order of its bypass diodes. */
export function substringLight({ model, irradianceWm2 }: PanelNet): number[] {
  const parts = substringCount(model);
  return irradianceWm2.length === 1
    ? Array.from({ length: parts }, () => irradianceWm2[0] as number)
    : [...irradianceWm2];
}

function refuseEmptyGroup(): never {
  throw new Error("a group of a net has at least one member");
}

/** Neighbours with equal keys, counted. */
function runs<T>(sorted: readonly T[], key: (value: T) => unknown): { value: T; count: number }[] {
  const out: { value: T; count: number }[] = [];
  for (const value of sorted) {
    const last = out[out.length - 1];
    if (last !== undefined && key(last.value) === key(value)) last.count += 1;
    else out.push({ value, count: 1 });
  }
  return out;
}
