import "server-only";

/** Table shapes as Kysely sees them. Times are ISO 8601 in UTC; documents are validated JSON text. */
export type PlanTable = {
  id: string;
  name: string;
  revision: number;
  document: string;
  created_at: string;
  updated_at: string;
  archived_at: string | null;
};
export type PlanRevisionTable = { plan_id: string; revision: number; document: string; saved_at: string };
export type LibraryTable = {
  id: string;
  name: string;
  revision: number;
  sheet: string;
  created_at: string;
  updated_at: string;
  retired_at: string | null;
};

export type Tables = { plan: PlanTable; plan_revision: PlanRevisionTable; panel: LibraryTable; input: LibraryTable };
