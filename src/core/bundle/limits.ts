import { maxPhotoBytes, maxPhotos } from "../image-type";
import { maxPlanBytes } from "../plan";
import { maxEpwBytes } from "../engine/weather";

/** What may be in a bundle, and how large each part and the whole may be: known where one is made, let in and read. */
export const photoNames = Array.from({ length: maxPhotos }, (_, k) => `photo-${k + 1}`);
export const digestsName = "digests.json";
/** As many readings as a plan may have, each with as much said of it as may be. */
const maxReadingsBytes = 60_000_000;

export const bundleEntries: readonly { readonly name: string; readonly maxBytes: number }[] = [
  { name: "plan.json", maxBytes: maxPlanBytes },
  { name: "weather.epw", maxBytes: maxEpwBytes },
  { name: "readings.json", maxBytes: maxReadingsBytes },
  { name: digestsName, maxBytes: 20_000 },
  ...photoNames.map((name) => ({ name, maxBytes: maxPhotoBytes })),
];

/** Largest bundle, bytes: that of the largest plan that can be made, nothing of it packed. */
export const maxBundleBytes = bundleEntries.reduce((sum, { maxBytes }) => sum + maxBytes, 0) + 100_000;
