import { mostPhotoBytes, mostPhotos } from "../photo";
import { mostPlanBytes } from "../plan";
import { mostEpwBytes } from "../weather";

/** What may be in a bundle, and how large each part and the whole may be: known where one is made, let in and read. */
export const photoNames = Array.from({ length: mostPhotos }, (_, k) => `photo-${k + 1}`);
export const digestsName = "digests.json";
/** As many readings as a plan may have, each with as much said of it as may be. */
const mostReadingsBytes = 60_000_000;

export const bundleEntries: readonly { readonly name: string; readonly mostBytes: number }[] = [
  { name: "plan.json", mostBytes: mostPlanBytes },
  { name: "weather.epw", mostBytes: mostEpwBytes },
  { name: "readings.json", mostBytes: mostReadingsBytes },
  { name: digestsName, mostBytes: 20_000 },
  ...photoNames.map((name) => ({ name, mostBytes: mostPhotoBytes })),
];

/** Largest bundle, bytes: that of the largest plan that can be made, nothing of it packed. */
export const mostBundleBytes = bundleEntries.reduce((sum, { mostBytes }) => sum + mostBytes, 0) + 100_000;
