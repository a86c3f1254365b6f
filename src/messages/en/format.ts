import { madeUpCurrency } from "@/core/plan";
import { type Unit, showingOf, toShown, type UnitSystem } from "@/core/engine/units";

/** A worked-out number with its unit, always with the same decimals: "47.3 V". Uses a true minus sign. */
export function amount(value: number, unit: Unit, system: UnitSystem = "metric"): string {
  const showing = showingOf(unit, system);
  return withUnit(toShown(value, showing).toFixed(showing.decimals), showing.unit);
}

/** A limit: rounded like any worked-out number, but a stated 75 V stays "75 V" as on its sheet. */
export function limit(value: number, unit: Unit, system: UnitSystem = "metric"): string {
  return given(Number(value.toFixed(showingOf(unit, "metric").decimals)), unit, system);
}

/** A number as somebody gave it, with its unit and no rounding; converted, it is rounded as if worked out. */
export function given(value: number, unit: Unit, system: UnitSystem = "metric"): string {
  return withUnit(givenNumber(value, unit, system), showingOf(unit, system).unit);
}

/** The same without its unit, for a field that shows the unit apart. */
export function givenNumber(value: number, unit: Unit, system: UnitSystem): string {
  const showing = showingOf(unit, system);
  return String(showing.unit === unit ? value : Number(toShown(value, showing).toFixed(Math.max(1, showing.decimals))));
}

function withUnit(number: string, unit: string): string {
  return unit === "" ? trueMinus(number) : `${trueMinus(number)}\u00a0${unit}`;
}

/** How many degrees two temperatures are apart: "10 °C", "18 °F". */
export function degreesApart(celsius: number, system: UnitSystem): string {
  const of = system === "metric" ? celsius : celsius * 1.8;
  return withUnit(of.toFixed(0), system === "metric" ? "°C" : "°F");
}

/** An area seen on a roof or under a foot: "120 cm²", "18.6 in²". */
export function area(mm2: number, system: UnitSystem): string {
  return system === "metric" ? withUnit((mm2 / 100).toFixed(0), "cm²") : withUnit((mm2 / 645.16).toFixed(1), "in²");
}

export function percent(value: number): string {
  return `${trueMinus(value.toFixed(1))}\u00a0%`;
}

export function trueMinus(text: string): string {
  const plain = /^-0(\.0+)?$/.test(text) ? text.slice(1) : text;
  return plain.replace("-", "\u2212");
}

/** Energy with one decimal: "3.4 kWh". */
export function kwh(value: number): string {
  return `${value.toFixed(1)}\u00a0kWh`;
}

/** A currency by its code; that of the worked examples says that it is made up. */
export function currencyWords(currency: string): string {
  return currency === madeUpCurrency ? "made\u00a0up" : currency;
}

/** Money with its currency's code: "0.57 EUR"; whole from a hundred on. A price of the worked examples says that it is made up. */
export function money(value: number, currency: string): string {
  return `${value.toFixed(value >= 100 ? 0 : 2)}\u00a0${currency === madeUpCurrency ? "(made\u00a0up)" : currency}`;
}

/** A phrase with its first letter as at the start of a sentence. */
export function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}

/** A phrase with its first letter as inside a sentence. */
export function lowerFirst(text: string): string {
  return text.charAt(0).toLowerCase() + text.slice(1);
}

/** What a copy of something is called until somebody names it. */
export function copyName(name: string): string {
  return `${name.slice(0, 70)}, copy`;
}

/** "1 Stop", "2 Stops". */
export function counted(count: number, one: string, many = `${one}s`): string {
  return `${count} ${count === 1 ? one : many}`;
}
