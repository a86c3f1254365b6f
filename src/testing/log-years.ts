import { type Random } from "@/core/engine/random";

export const causesOfLoss = ["fine", "fault", "dirt", "shadeSeason", "taper"] as const;
export type CauseOfLoss = (typeof causesOfLoss)[number];

/** A simulated log of readings under simulated weather, in which something went wrong or nothing did; as a logbook case. */
export type LogYear = {
  readonly cause: CauseOfLoss;
  /** The day from which it is there, ms; of dirt, from which it has cost a tenth. */ readonly sinceMs: number;
  readonly lossPct: number;
  readonly case: Readonly<Record<string, unknown>> & {
    readonly readings: readonly { readonly atUtc: string; readonly cloud: string }[];
  };
};

const dayMs = 86_400_000;
const label = {
  pmaxW: 104.4,
  vocV: 22.6,
  iscA: 6.04,
  vmpV: 18.55,
  impA: 5.63,
  tempCoVocPctPerC: -0.406,
  tempCoIscPctPerC: 0.05,
  tempCoPmaxPctPerC: -0.494,
  cellsInSeries: 36,
  bypassDiodes: 2,
};
type SkyWord = "clear" | "haze" | "broken" | "overcast";
/** How often each word comes after a day of another: weather stays. */
const stays = 0.45;

/** `wattsAt`: what the array gives under so much of a cloudless sky's light at a moment, worked out by whoever asks. */
export function logYear(
  draw: Random,
  cause: CauseOfLoss,
  wattsAt: (
    given: object,
    atMs: number,
    share: number,
    airC: number,
  ) => { watts: number; elevationDeg: number; azimuthDeg: number } | null,
): LogYear {
  const strings = draw.whole(cause === "fault" ? 2 : 1, 6);
  const latitudeDeg = draw.number(34, 58);
  const longitudeDeg = draw.number(-8, 12);
  const utcOffsetH = Math.round(longitudeDeg / 15);
  const tiltDeg = draw.number(10, 45);
  const leaf = { panel: "p", tiltDeg, azimuthDeg: draw.number(150, 210), rossK: 0.03 };
  const open = {
    site: { latitudeDeg, longitudeDeg, utcOffsetH, elevationM: 50 },
    weather: {
      monthly: { clearness: Array(12).fill(0.5), airTempC: Array(12).fill(12), dailyRangeK: Array(12).fill(8) },
    },
    panels: { p: label },
    net: { parallel: Array.from({ length: strings }, () => ({ series: [leaf, leaf] })) },
  };
  const [air, haze] = [draw.number(0.93, 1.04), draw.number(-0.03, 0.03)];
  const first = Date.UTC(2025, 0, 1);
  const sunny = draw.number(0.25, 0.5);
  // in spring or summer, so that there are days before and after
  const startMs = first + draw.whole(75, 200) * dayMs;
  const rateADay = draw.number(0.002, 0.004);
  const lost = 1 / strings;
  const cleanedMs = startMs + draw.whole(70, 110) * dayMs;
  const readings: { atUtc: string; watts: number; cloud: string; airTempC: number; batterySoc?: number }[] = [];
  const events: { atUtc: string; what: string }[] = [];
  let word: SkyWord = "broken";
  for (let day = 0; day < 330; day++) {
    if (!draw.chance(stays)) {
      const dice = draw.number(0, 1);
      word = dice < sunny ? "clear" : dice < sunny + 0.2 ? "haze" : dice < sunny + 0.5 ? "broken" : "overcast";
    }
    const dawn = first + day * dayMs;
    if (word === "overcast" && draw.chance(0.4)) events.push({ atUtc: iso(dawn + 5 * 3_600_000), what: "rain" });
    const hours = cause === "shadeSeason" ? [11, 15] : [11];
    for (const hour of hours) {
      if (!draw.chance(0.9)) continue;
      const atMs = dawn + (hour - longitudeDeg / 15) * 3_600_000 + draw.whole(0, 40) * 60_000;
      const cloudShare = {
        clear: draw.number(0.97, 1.02),
        haze: draw.number(0.55, 0.95),
        broken: draw.chance(0.5) ? draw.number(0.85, 1.05) : draw.number(0.2, 0.5),
        overcast: draw.number(0.08, 0.4),
      }[word];
      const airC = 12 - 10 * Math.cos((2 * Math.PI * day) / 365) + draw.number(-4, 4);
      const due = wattsAt(open, atMs, cloudShare, airC);
      if (due === null || due.watts < 1) continue;
      const soc = cause === "taper" ? draw.whole(45, 99) : null;
      const dirty =
        cause === "dirt" && atMs >= startMs && atMs < cleanedMs
          ? Math.min(0.2, (rateADay * (atMs - startMs)) / dayMs)
          : 0;
      const shaded = cause === "shadeSeason" && hour === 15 && due.elevationDeg < 28 && day > 40 ? 0.5 : 0;
      const gone = cause === "fault" && atMs >= startMs ? lost : 0;
      const left = soc !== null && soc > 85 ? 1 - (0.95 * (soc - 85)) / 15 : 1;
      const watts =
        due.watts *
        (1 - dirty) *
        (1 - shaded) *
        (1 - gone) *
        left *
        draw.number(0.97, 1.03) *
        // air that is clearer in some seasons than in others, and labels that flatter or not
        (air + haze * Math.cos((2 * Math.PI * day) / 365));
      readings.push({
        atUtc: iso(atMs),
        watts: Number(watts.toFixed(1)),
        cloud: word,
        airTempC: airC,
        ...(soc === null ? {} : { batterySoc: soc }),
      });
    }
  }
  if (cause === "dirt") events.push({ atUtc: iso(cleanedMs), what: "cleaned" });
  const tenthMs = startMs + (0.1 / rateADay) * dayMs;
  return {
    cause,
    sinceMs: cause === "dirt" ? tenthMs : startMs,
    lossPct: cause === "fault" ? 100 * lost : 0,
    case: { type: "logbook", ...open, readings, events: events.sort((a, b) => (a.atUtc < b.atUtc ? -1 : 1)) },
  };
}

function iso(ms: number): string {
  return new Date(Math.round(ms / 1000) * 1000).toISOString().replace(".000Z", "Z");
}
