import { type Desk } from "@/features/desk";

/** Puts a place into the plan, with the time zone it lies in. */
export async function setPlace(
  desk: Desk,
  place: {
    readonly latitudeDeg: number;
    readonly longitudeDeg: number;
    readonly placeName?: string;
    readonly heightM?: number;
  },
): Promise<void> {
  const { default: zoneAt } = await import("@photostructure/tz-lookup");
  desk.change({ type: "setSite", patch: { ...place, timeZone: zoneAt(place.latitudeDeg, place.longitudeDeg) } });
}
