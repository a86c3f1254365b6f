import { operatingPoint, type OperatingPoint, type Port, portWindow, type Window } from "../input";
import { multiplied, type NetSolution, solveNet } from "../net";
import { type AssumedField, type LabelFit } from "../panel";
import { namedSky, type Sky, type SkyName, type SiteClimate } from "../sky";
import { type Assumption } from "./finding";

/** The array under one sky: its curve and, where the port's window is known, where it runs. */
export type SkyState = { readonly sky: Sky; readonly array: NetSolution; readonly operating: OperatingPoint | null };

export type Site = SiteClimate & { readonly latitudeDeg: number };

/** Watts of one panel over a short stretch of a day. */
export type PanelHour = { readonly panelW: number; readonly hours: number };

/** All a rule may look at. Built once per assessment; rules only read it. */
export type RuleContext = {
  readonly fit: LabelFit;
  readonly assumedFields: readonly AssumedField[];
  readonly series: number;
  readonly strings: number;
  readonly port: Port;
  readonly window: Window | null;
  readonly site: Site;
  /** What the site leaves unsaid, by the thing assumed. */
  readonly siteAssumptions: readonly Assumption[];
  /** A clear flat day of one panel; worked out when first asked for and shared by all wirings tried. */
  readonly clearDay: () => readonly PanelHour[];
  /** One panel under each sky; solved once and multiplied for every wiring tried. */
  readonly onePanel: Readonly<Record<SkyName, NetSolution>>;
  readonly skies: Readonly<Record<SkyName, SkyState>>;
};

export type ContextParts = Omit<RuleContext, "window" | "skies">;

export function buildContext(parts: ContextParts): RuleContext {
  const window = portWindow(parts.port);
  const under = (name: SkyName): SkyState => {
    const sky = namedSky(name, parts.site);
    const array = multiplied(parts.onePanel[name], parts.series, parts.strings);
    return { sky, array, operating: window === null ? null : operatingPoint(array, window) };
  };
  return { ...parts, window, skies: { coldDawn: under("coldDawn"), brightNoon: under("brightNoon"), hotRoof: under("hotRoof") } };
}

/** One panel of a kind under every named sky. */
export function panelUnderSkies(fit: LabelFit, climate: SiteClimate): Readonly<Record<SkyName, NetSolution>> {
  const under = (name: SkyName) => {
    const { irradianceWm2, cellTempC } = namedSky(name, climate);
    return solveNet({ type: "panel", model: fit.model, cellTempC, irradianceWm2: [irradianceWm2] });
  };
  return { coldDawn: under("coldDawn"), brightNoon: under("brightNoon"), hotRoof: under("hotRoof") };
}

/** The site assumptions of the kinds a rule rests on. */
export function siteAssumed(context: Pick<RuleContext, "siteAssumptions">, ...types: Assumption["type"][]): Assumption[] {
  return context.siteAssumptions.filter((assumption) => types.includes(assumption.type));
}

/** The label fields a rule rests on that were filled in, with the values taken. */
export function labelAssumed(context: Pick<RuleContext, "assumedFields" | "fit">, ...fields: AssumedField[]): Assumption[] {
  const taken = context.assumedFields.filter((field) => fields.includes(field));
  return taken.map((field) => ({ type: "labelField", field, value: context.fit.label[field] }));
}

/** Said with every rule that rests on the curve when the label could not be met exactly. */
export function fitAssumed({ fit }: Pick<RuleContext, "fit">): Assumption[] {
  const missPct = Math.max(Math.abs(fit.missPct.vmp), Math.abs(fit.missPct.imp));
  return missPct > 1 ? [{ type: "labelOff", missPct }] : [];
}
