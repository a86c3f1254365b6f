import { notFound } from "next/navigation";
import { LibraryView } from "@/features/library";
import { database, inputShelf, panelShelf } from "@/server/db";

export const dynamic = "force-dynamic";

export default async function LibraryPage({ params }: { params: Promise<{ shelf: string }> }) {
  const { shelf } = await params;
  if (shelf !== "panels" && shelf !== "inputs") notFound();
  const db = await database();
  const [panels, inputs] = await Promise.all([panelShelf.list(db), inputShelf.list(db)]);
  return (
    <LibraryView
      shelf={shelf}
      panels={panels.records}
      inputs={inputs.records}
      unreadable={(shelf === "panels" ? panels : inputs).unreadable}
    />
  );
}
