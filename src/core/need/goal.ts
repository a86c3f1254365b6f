/** Volts the quick rule counts amp hours at, whatever the battery. */
const quickRuleV = 12;

/** Watts of panel by the quick rule: a day's Ah at 12 V, times two. It takes about six good hours of sun for granted. */
export function quickRuleW(dailyWh: number): number {
  return (dailyWh / quickRuleV) * 2;
}

/** Watts of panel that bring a day's Wh where each watt brings so much a day; null where it brings nothing. */
export function computedW(dailyWh: number, whPerWattADay: number): number | null {
  return whPerWattADay > 0 ? Math.max(0, dailyWh) / whPerWattADay : null;
}
