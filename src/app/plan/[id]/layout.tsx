import { notFound } from "next/navigation";
import { type ReactNode } from "react";
import { preload } from "react-dom";
import { isPlan } from "@/server/db";
import { pageData } from "@/app/page-data";
import { TroublePage } from "@/app/TroublePage";
import { PlanOpening } from "./PlanOpening";

export const dynamic = "force-dynamic";

/** The same for every plan but for its id, so that it is made once: the page asks for the plan itself. */
export default async function PlanLayout({
  params,
  children,
}: {
  params: Promise<{ id: string }>;
  children: ReactNode;
}) {
  const { id } = await params;
  const found = await pageData((db) => isPlan(db, id));
  if (found.type === "trouble") return <TroublePage words={found.words} again={`/plan/${id}/wiring`} />;
  if (!found.data) notFound();
  // on its way before the scripts are
  preload(`/api/plans/${id}`, { as: "fetch", crossOrigin: "anonymous" });
  return (
    <PlanOpening key={id} id={id}>
      {children}
    </PlanOpening>
  );
}
