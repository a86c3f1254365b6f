import { type Migration } from "kysely";
import * as plansAndLibrary from "./0001_plans_and_library";
import * as archiveAndRetire from "./0002_archive_and_retire";
import * as changesNotCopies from "./0003_changes_not_copies";
import * as weather from "./0004_weather";
import * as photos from "./0005_photos";
import * as readings from "./0006_readings";
import * as digests from "./0007_digests";

/** Every migration by its frozen name, oldest first. */
export const migrations: Readonly<Record<string, Migration>> = {
  "0001_plans_and_library": plansAndLibrary,
  "0002_archive_and_retire": archiveAndRetire,
  "0003_changes_not_copies": changesNotCopies,
  "0004_weather": weather,
  "0005_photos": photos,
  "0006_readings": readings,
  "0007_digests": digests,
};
