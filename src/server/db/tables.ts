import "server-only";

/** Table shapes as Kysely sees them. Times are ISO 8601 in UTC; documents are validated JSON text. */
export type PlanTable = {
  id: string;
  name: string;
  revision: number;
  /** Ids of the library sheets it holds copies of, as JSON: `{"panels": […], "inputs": […]}`. */
  holds: string;
  created_at: string;
  updated_at: string;
  archived_at: string | null;
};
/** A plan's document as it was at a revision; the changes after that make it what it is. */
export type PlanSnapshotTable = { plan_id: string; revision: number; document: string };
/** What made a revision out of the one before, as a JSON Patch (RFC 6902). */
export type PlanChangeTable = { plan_id: string; revision: number; patch: string; saved_at: string };
export type LibraryTable = {
  id: string;
  name: string;
  revision: number;
  sheet: string;
  created_at: string;
  updated_at: string;
  retired_at: string | null;
};

/** A weather file: its text, packed, under the digest of it. */
export type WeatherTable = { id: string; name: string; packed: Buffer; added_at: string };

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
};

export type Tables = {
  reading: ReadingTable;
  photo: PhotoTable;
  weather: WeatherTable;
  plan: PlanTable;
  plan_snapshot: PlanSnapshotTable;
  plan_change: PlanChangeTable;
  panel: LibraryTable;
  input: LibraryTable;
};
