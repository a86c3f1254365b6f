import { notFound } from "next/navigation";
import { type ReactNode } from "react";
import { DeskFrame, DeskProvider } from "@/features/desk";
import { LedgerDrawer, VerdictStrip } from "@/features/ledger";
import { database, NotFound, readPlanRecord } from "@/server/db";

export const dynamic = "force-dynamic";

export default async function PlanLayout({
  params,
  children,
}: {
  params: Promise<{ id: string }>;
  children: ReactNode;
}) {
  const { id } = await params;
  const opened = await readPlanRecord(await database(), id).catch((error: unknown) => {
    if (error instanceof NotFound) notFound();
    throw error;
  });
  return (
    <DeskProvider key={id} opened={opened}>
      <DeskFrame verdict={<VerdictStrip />}>{children}</DeskFrame>
      <LedgerDrawer />
    </DeskProvider>
  );
}
