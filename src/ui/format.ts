import { type Unit } from "@/core/units";

/** Decimals by unit: a quantity is shown with the same precision wherever it stands. */
const decimals: Readonly<Record<Unit, number>> = { V: 1, A: 2, W: 0, mm: 0, "°C": 0, "%/°C": 3, "°": 1, "": 0, Ω: 3, "W/m²": 0, "%": 1 };

/** A worked-out number with its unit: "47.3 V". Uses a true minus sign. */
export function amount(value: number, unit: Unit): string {
  const text = trueMinus(value.toFixed(decimals[unit]));
  return unit === "" ? text : `${text}\u00a0${unit}`;
}

/** A limit: rounded like any worked-out number, but a stated 75 V stays "75 V" as on its sheet. */
export function limit(value: number, unit: Unit): string {
  return given(Number(value.toFixed(decimals[unit])), unit);
}

/** A number as somebody gave it, with its unit and no rounding. */
export function given(value: number, unit: Unit): string {
  const text = trueMinus(String(value));
  return unit === "" ? text : `${text}\u00a0${unit}`;
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

/** "1 Stop", "2 Stops". */
export function counted(count: number, one: string, many = `${one}s`): string {
  return `${count} ${count === 1 ? one : many}`;
}
