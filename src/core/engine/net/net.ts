import { type PanelModel } from "../panel";

/**
 * A wiring as a tree. A panel's irradiance is one value, or one per substring in the order of its
 * bypass diodes; its cells share one temperature. Cables are resistors; a fuse is open or not; a
 * blocking diode lets current out of its branch and none in.
 */
export type Net =
  | {
      readonly type: "panel";
      readonly model: PanelModel;
      readonly cellTempC: number;
      readonly irradianceWm2: readonly number[];
    }
  | { readonly type: "series"; readonly members: readonly Net[] }
  | { readonly type: "parallel"; readonly members: readonly Net[] }
  | { readonly type: "cable"; readonly ohm: number }
  | { readonly type: "blockingDiode" }
  | { readonly type: "fuse"; readonly open: boolean };

export type PanelNet = Extract<Net, { type: "panel" }>;

/** series × strings of equal panels under one sky: the commonest net. */
export function equalNet(
  model: PanelModel,
  series: number,
  strings: number,
  sky: { irradianceWm2: number; cellTempC: number },
): Net {
  const panel: Net = { type: "panel", model, cellTempC: sky.cellTempC, irradianceWm2: [sky.irradianceWm2] };
  const string: Net = { type: "series", members: Array.from({ length: series }, () => panel) };
  return { type: "parallel", members: Array.from({ length: strings }, () => string) };
}
