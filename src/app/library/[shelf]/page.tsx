import { notFound } from "next/navigation";
import { LibraryView } from "@/features/library";
import { inputShelf, panelShelf } from "@/server/db";
import { pageData } from "@/app/page-data";
import { TroublePage } from "@/app/TroublePage";

export const dynamic = "force-dynamic";

export const metadata = { title: "Library: Golden Array" };

export default async function LibraryPage({ params }: { params: Promise<{ shelf: string }> }) {
  const { shelf } = await params;
  if (shelf !== "panels" && shelf !== "inputs") notFound();
  const found = await pageData((db) => Promise.all([panelShelf.list(db), inputShelf.list(db)]));
  if (found.type === "trouble") return <TroublePage words={found.words} again={`/library/${shelf}`} />;
  const [panels, inputs] = found.data;
  return (
    <LibraryView
      shelf={shelf}
      panels={panels.records}
      inputs={inputs.records}
      unreadable={(shelf === "panels" ? panels : inputs).unreadable}
    />
  );
}
