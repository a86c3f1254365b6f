import { notFound } from "next/navigation";
import { type ReactNode } from "react";
import { NotFound, readPlanRecord } from "@/server/db";
import { pageData } from "@/app/page-data";
import { Trouble } from "@/app/Trouble";
import { PlanDesk } from "./PlanDesk";
import { Rescue } from "./Rescue";

export const dynamic = "force-dynamic";

export default async function PlanLayout({
  params,
  children,
}: {
  params: Promise<{ id: string }>;
  children: ReactNode;
}) {
  const { id } = await params;
  const found = await pageData((db) => readPlanRecord(db, id)).catch((error: unknown) => {
    if (error instanceof NotFound) notFound();
    throw error;
  });
  if (found.type === "trouble")
    return (
      <Trouble
        words={found.words}
        again={`/plan/${id}/wire`}
        {...(found.whole === null ? {} : { title: "This plan cannot be opened" })}
      >
        {found.whole !== null && <Rescue id={id} whole={found.whole} />}
      </Trouble>
    );
  return (
    <PlanDesk key={id} opened={found.data}>
      {children}
    </PlanDesk>
  );
}
