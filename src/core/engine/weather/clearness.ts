/** Least clearness of a day: the thickest cloud still lets some light through (Bendt et al. 1981). */
const least = 0.05;

/** Clearness of the clearest day of a month, by its mean. Hollands & Huget (1983). */
function most(mean: number): number {
  return 0.6313 + 0.267 * mean - 11.9 * (mean - 0.75) ** 8;
}

/**
 * Clearness of so many kinds of day, equally frequent, dullest first, whose mean is that of the month. Days are spread as in
 * Liu & Jordan (1960), by the formula of Bendt, Collares-Pereira & Rabl (1981): the share of days no clearer than K is
 * (e^γKmin − e^γK) / (e^γKmin − e^γKmax), with γ such that the mean comes out.
 */
export function clearnessOfDays(mean: number, kinds: number): number[] {
  const highest = most(mean);
  // a mean outside what can be spread: every day is as the mean
  if (!(mean > least + 0.01 && mean < highest - 0.01)) return Array.from({ length: kinds }, () => mean);
  const gamma = gammaFor(mean, highest);
  const clearest = (part: number) => quantile(part, gamma, highest);
  return Array.from({ length: kinds }, (_, k) => {
    const [from, to] = [clearest(k / kinds), clearest((k + 1) / kinds)];
    return (meanTo(to, gamma) - meanTo(from, gamma)) / (densityTo(to, gamma) - densityTo(from, gamma));
  });
}

/** ∫ e^γK dK and ∫ K·e^γK dK from the least clearness on, K shifted so that nothing overflows. */
function densityTo(k: number, gamma: number): number {
  return Math.abs(gamma) < 1e-6 ? k - least : (Math.exp(gamma * (k - least)) - 1) / gamma;
}
function meanTo(k: number, gamma: number): number {
  if (Math.abs(gamma) < 1e-6) return (k ** 2 - least ** 2) / 2;
  const grown = Math.exp(gamma * (k - least));
  return (k * grown - least) / gamma - (grown - 1) / gamma ** 2;
}

/** The mean rises with γ: halved until it is met. */
function gammaFor(mean: number, highest: number): number {
  let [low, high] = [-200, 200];
  for (let step = 0; step < 80; step++) {
    const gamma = (low + high) / 2;
    if (meanTo(highest, gamma) / densityTo(highest, gamma) < mean) low = gamma;
    else high = gamma;
  }
  return (low + high) / 2;
}

function quantile(part: number, gamma: number, highest: number): number {
  const whole = densityTo(highest, gamma);
  return Math.abs(gamma) < 1e-6
    ? least + part * whole
    : Math.min(highest, least + Math.log1p(gamma * part * whole) / gamma);
}
