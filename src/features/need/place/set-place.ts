import { type Desk } from "@/features/plan-session";

type Place = {
  readonly latitudeDeg: number;
  readonly longitudeDeg: number;
  /** Left as they are where nothing is said of them. */
  readonly placeName?: string;
  readonly heightM?: number;
};

/** Puts a place into the plan, with the time zone it lies in. */
export async function setPlace(desk: Desk, { latitudeDeg, longitudeDeg, placeName, heightM }: Place): Promise<void> {
  const { default: zoneAt } = await import("@photostructure/tz-lookup");
  desk.change({
    type: "setSite",
    patch: {
      latitudeDeg,
      longitudeDeg,
      timeZone: zoneAt(latitudeDeg, longitudeDeg),
      ...(placeName === undefined ? {} : { placeName }),
      ...(heightM === undefined ? {} : { heightM }),
    },
  });
}
