import { type Plan } from "../../plan";
import { type BestTilts } from "./tilts";

/** A day of every year on which something is to be done, as month and day. */
export type Reminder = { readonly month: number; readonly day: number } & (
  { readonly type: "tilt"; readonly mountName: string | null; readonly tiltDeg: number } | { readonly type: "clean" }
);

/** Cleaning pays before the bright half of the year, and again when the pollen is down; half a year later in the south. */
const cleaning = [
  { month: 3, day: 15 },
  { month: 6, day: 15 },
] as const;

/** Changes of tilt of the mounts that have seasons, or of the best two tilts where none has; and when to clean. */
export function remindersOf({ mounts, site }: Plan, tilts: BestTilts | null): Reminder[] {
  const turned = mounts.flatMap(({ name, turning }): Reminder[] =>
    turning.type === "seasons"
      ? turning.turns.map(({ fromDay, tiltDeg }) => ({
          type: "tilt",
          mountName: name,
          tiltDeg,
          month: Number(fromDay.slice(0, 2)),
          day: Number(fromDay.slice(3)),
        }))
      : [],
  );
  const advised = (tilts?.two.turns ?? []).map(({ fromMonth, tiltDeg }): Reminder => ({
    type: "tilt",
    mountName: null,
    tiltDeg,
    month: fromMonth,
    day: 1,
  }));
  const southern = (site.latitudeDeg ?? 0) < 0;
  return [
    ...(turned.length > 0 ? turned : advised),
    ...cleaning.map(({ month, day }): Reminder => ({
      type: "clean",
      month: southern ? ((month + 5) % 12) + 1 : month,
      day,
    })),
  ];
}
