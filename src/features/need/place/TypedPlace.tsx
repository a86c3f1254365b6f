"use client";

import { useDesk, usePlan } from "@/features/plan-session";
import { PlaceLine } from "./PlaceLine";
import { setPlace } from "./set-place";
import { typedPlaceTexts } from "@/messages/en/need/place";

/** Where the plan is: latitude and longitude, or a latitude alone. */
export function TypedPlace() {
  const desk = useDesk();
  const { latitudeDeg, longitudeDeg } = usePlan().site;
  return (
    <PlaceLine
      label={typedPlaceTexts.latitudeAndLongitude}
      latitudeDeg={latitudeDeg}
      longitudeDeg={longitudeDeg}
      refuse={() => null}
      onPlace={(taken) => {
        if (taken.type === "place") void setPlace(desk, taken);
        else
          desk.change({
            type: "setSite",
            patch: {
              latitudeDeg: taken.type === "latitude" ? taken.latitudeDeg : null,
              longitudeDeg: null,
              timeZone: null,
            },
          });
      }}
    />
  );
}
