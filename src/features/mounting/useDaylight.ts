import { assumedSite } from "@/core/plan-model";
import { sunPosition } from "@/core/engine/sky";
import { usePlan } from "@/features/plan-session";

/** As long as the sun is no lower than this one sees what one does, °. */
const workLightDeg = -4;

/** Whether there is light to work by at a moment; always where nobody said where it is. */
export function useDaylight(): (ms: number) => boolean {
  const { site } = usePlan();
  const { latitudeDeg } = assumedSite(site);
  const { longitudeDeg } = site;
  return (ms) => longitudeDeg === null || sunPosition(ms, latitudeDeg, longitudeDeg).elevationDeg > workLightDeg;
}
