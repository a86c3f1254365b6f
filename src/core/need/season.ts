import { type Season, seasons } from "../plan";

/** Season of a month from 1 to 12, as the weather counts them: winter is December to February, in the south June to August. */
export function seasonOf(month: number, latitudeDeg: number): Season {
  const northern = latitudeDeg >= 0 ? month : ((month + 5) % 12) + 1;
  return seasons[Math.floor((northern % 12) / 3)] ?? "winter";
}

/** The months of a season, in the order of the year. */
export function monthsOf(season: Season, latitudeDeg: number): number[] {
  return Array.from({ length: 12 }, (_, k) => k + 1).filter((month) => seasonOf(month, latitudeDeg) === season);
}
