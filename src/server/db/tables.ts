import "server-only";

/** Table shapes as Kysely sees them. Times are ISO 8601 in UTC; documents are validated JSON text; digests are of the row they stand in. */
export type PlanTable = {
  id: string;
  name: string;
  /** Its name in small letters, to be found by. */ name_key: string;
  revision: number;
  created_at: string;
  updated_at: string;
  archived_at: string | null;
  digest: string;
};
/** A plan's document as it was at a revision; the changes after that make it what it is. The last two are kept. */
export type PlanSnapshotTable = { plan_id: string; revision: number; document: string; digest: string };
/** What made a revision out of the one before, as a JSON Patch (RFC 6902). */
export type PlanChangeTable = { plan_id: string; revision: number; patch: string; saved_at: string; digest: string };
/** The library sheets that a plan holds copies of. */
export type PlanSheetTable = { plan_id: string; shelf: "panels" | "inputs"; sheet_id: string };
export type LibraryTable = {
  id: string;
  name: string;
  revision: number;
  sheet: string;
  created_at: string;
  updated_at: string;
  retired_at: string | null;
  digest: string;
};

/** A weather file: its text, packed, under the digest of it. */
export type WeatherTable = { id: string; name: string; packed: Buffer; added_at: string; digest: string };

/** A photo laid under a drawing, under the digest of its bytes. */
export type PhotoTable = { id: string; bytes: Buffer; added_at: string };

/** What a meter showed; the body is validated JSON text. */
export type ReadingTable = {
  plan_id: string;
  id: string;
  kind: string;
  at_utc: string;
  body: string;
  added_at: string;
  digest: string;
};

export type Tables = {
  reading: ReadingTable;
  photo: PhotoTable;
  weather: WeatherTable;
  plan: PlanTable;
  plan_snapshot: PlanSnapshotTable;
  plan_change: PlanChangeTable;
  plan_sheet: PlanSheetTable;
  panel: LibraryTable;
  input: LibraryTable;
};
