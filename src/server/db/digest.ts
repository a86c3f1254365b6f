import "server-only";
import { createHash } from "node:crypto";
import {
  type LibraryTable,
  type PlanChangeTable,
  type PlanSnapshotTable,
  type PlanTable,
  type ReadingTable,
  type WeatherTable,
} from "./tables";

/** What is kept beside each row and held against it at reading: a disk may change a bit without a word. */
type Bare<Row extends { digest: string }> = Omit<Row, "digest">;

function digestOf(...fields: readonly (string | number | null)[]): string {
  return createHash("sha256").update(JSON.stringify(fields)).digest("hex").slice(0, 32);
}

export const digestOfPlan = (row: Bare<PlanTable>): string =>
  digestOf(row.id, row.name, row.name_key, row.revision, row.created_at, row.updated_at, row.archived_at);
export const digestOfSnapshot = (row: Bare<PlanSnapshotTable>): string =>
  digestOf(row.plan_id, row.revision, row.document);
export const digestOfChange = (row: Bare<PlanChangeTable>): string =>
  digestOf(row.plan_id, row.revision, row.patch, row.saved_at);
export const digestOfSheet = (row: Bare<LibraryTable>): string =>
  digestOf(row.id, row.name, row.revision, row.sheet, row.created_at, row.updated_at, row.retired_at);
export const digestOfReading = (row: Bare<ReadingTable>): string =>
  digestOf(row.plan_id, row.id, row.kind, row.at_utc, row.body, row.added_at);
/** Its text is under its own digest. */
export const digestOfWeather = (row: Omit<Bare<WeatherTable>, "packed">): string =>
  digestOf(row.id, row.name, row.added_at);

/** A row with its digest, ready to be written. */
export function sealed<Row extends { digest: string }>(row: Bare<Row>, digest: (row: Bare<Row>) => string): Row {
  return { ...row, digest: digest(row) } as Row;
}

/** What a person is told of a row that is not what was written. */
export const spoiledWords = "its check sum does not fit: the disk did not keep it as it was written";
