import { lightOn, type Skyline } from "../../engine/light";
import { createBulkSolver } from "../../engine/net";
import { type PanelModel, stcCellTempC } from "../../engine/panel";
import { type SkyHour } from "../../engine/weather";
import { type createTrackerCache, type Facing, type Stay } from "./facing";
import { ownMaxW } from "./unloaded-power";
import { type RoofShade } from "./roof-shade";
import { type Shares } from "./shares";
import { type PanelKey } from "../../engine/array";

/** Panels that are alike in all that decides what falls on them. */
export type Alike = {
  /** The panel, where it lies on a surface and has shadows of its own; null: it stands for all that stand so. */
  readonly key: PanelKey | null;
  readonly model: PanelModel;
  readonly facing: Facing;
  readonly rossK: number;
  /** Share of the light on its parts. */ readonly light: readonly number[];
  readonly stowed: boolean;
  /** What uneven light leaves of the power of even light of the same mean. */ readonly evenness: number;
};

/** One panel in an hour by itself: what it has, and what it lost on the way, W. `couldW` less the losses is `ownW`. */
export type PanelHour = {
  readonly couldW: number;
  readonly slantW: number;
  readonly skylineW: number;
  readonly shadeW: number;
  readonly stowedW: number;
  /** To dirt, haze and age, by their shares. */
  readonly dirtW: number;
  readonly hazeW: number;
  readonly ageingW: number;
  readonly heatW: number;
  readonly ownW: number;
  readonly cellTempC: number;
  /** Light on each of its parts. */ readonly irradianceWm2: readonly number[];
};

export type Surroundings = {
  readonly shares: Shares;
  readonly skyline: Skyline;
  readonly turn: ReturnType<typeof createTrackerCache>;
  readonly shade: RoofShade;
};

export function meanOf(values: readonly number[]): number {
  return values.reduce((sum, value) => sum + value, 0) / values.length;
}

/** Light at which uneven parts are compared with even ones; the share hardly depends on it. */
const defaultWm2 = 800;

export function evennessOf(model: PanelModel, light: readonly number[]): number {
  if (light.every((each) => each === light[0])) return 1;
  const even = ownMaxW(model, defaultWm2 * meanOf(light), stcCellTempC);
  const irradianceWm2 = light.map((each) => each * defaultWm2);
  const uneven = createBulkSolver()({ type: "panel", model, cellTempC: stcCellTempC, irradianceWm2 }).mpp.p;
  return even > 0 ? Math.min(1, uneven / even) : 1;
}

/** Light, heat and power of one of these panels in an hour; each loss is what the panel by itself would give with it and without. */
export function panelHour(
  panel: Alike,
  hour: SkyHour,
  stay: Stay,
  positionId: string,
  { shares, skyline, turn, shade }: Surroundings,
): PanelHour {
  const { key, model, facing, rossK, light: byHand, stowed } = panel;
  const plane = turn(facing, { ...hour, sun: hour.light.sun }, stay);
  const open = lightOn(plane, hour.light, shares.ground);
  const seen = lightOn(plane, hour.light, shares.ground, skyline.seenFrom(plane, hour.light.sun));
  const left = (1 - shares.dirt) * (1 - shares.haze) * (1 - shares.ageing);
  // a shadow takes the beam from a substring, not what comes from everywhere: told as a share of all its light
  const beams = key === null || stowed || !(seen.straightWm2 > 0) ? null : shade(key, hour, stay, positionId);
  const even = seen.insideWm2 - seen.straightWm2;
  const light =
    beams === null
      ? byHand
      : beams.map((beam, k) => {
          const hand = byHand.length === 1 ? byHand[0] : byHand[Math.floor((k * byHand.length) / beams.length)];
          return ((hand ?? 1) * (seen.straightWm2 * beam + even)) / seen.insideWm2;
        });
  const evenness = beams === null ? panel.evenness : evennessOf(model, light);
  const meanLight = meanOf(light);
  const insideWm2 = seen.insideWm2 * meanLight * left;
  const cellTempC = hour.airTempC + rossK * insideWm2;
  const cool = (wm2: number) => ownMaxW(model, wm2, stcCellTempC);
  const couldW = cool(open.totalWm2);
  const squareW = cool(open.insideWm2);
  const seenW = seen.insideWm2 === open.insideWm2 ? squareW : cool(seen.insideWm2);
  const litW = meanLight === 1 ? seenW : cool(seen.insideWm2 * meanLight) * evenness;
  const dimW = left === 1 ? litW : cool(insideWm2) * evenness;
  const ownW = ownMaxW(model, insideWm2, cellTempC) * evenness;
  // together they take a little less than one by one: shared out by their own shares
  const named = shares.dirt + shares.haze + shares.ageing;
  const dimmed = (share: number) => (named > 0 ? ((litW - dimW) * share) / named : 0);
  return {
    couldW,
    slantW: couldW - squareW,
    skylineW: squareW - seenW,
    shadeW: stowed ? 0 : seenW - litW,
    stowedW: stowed ? seenW - litW : 0,
    dirtW: dimmed(shares.dirt),
    hazeW: dimmed(shares.haze),
    ageingW: dimmed(shares.ageing),
    heatW: dimW - ownW,
    ownW,
    cellTempC,
    irradianceWm2: light.map((share) => share * seen.insideWm2 * left),
  };
}
