"use client";

import Box from "@mui/material/Box";
import IconButton from "@mui/material/IconButton";
import Typography from "@mui/material/Typography";
import { formatDistanceToNowStrict } from "date-fns";
import { FileDown, FileUp, Trash2 } from "lucide-react";
import Link from "next/link";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { createClient, type PlanSummary } from "@/api";
import { LightSwitch, NamePlate, Sheet } from "@/ui";
import { DeletePlan } from "./DeletePlan";
import { ImportButton } from "./ImportButton";
import { NewPlan } from "./NewPlan";

const client = createClient((input, init) => fetch(input, init));

/** All plans: open one, start one with nothing but a name, read one from a file. */
export function PlansView({ plans }: { plans: readonly PlanSummary[] }) {
  const router = useRouter();
  const [fault, setFault] = useState<string | null>(null);
  const [deleting, setDeleting] = useState<PlanSummary | null>(null);
  const open = (id: string, stop: string) => router.push(`/plan/${id}/${stop}`);
  return (
    <Box sx={{ minHeight: "100vh" }}>
      <Box component="header" sx={{ display: "flex", alignItems: "center", px: { xs: 1, md: 2 }, minHeight: 52, borderBottom: "1px solid var(--line)" }}>
        <NamePlate />
        <Box sx={{ ml: "auto" }}><LightSwitch /></Box>
      </Box>
      <Box component="main" sx={{ display: "grid", gap: { xs: 2, md: 5 }, gridTemplateColumns: { xs: "minmax(0, 1fr)", md: "340px minmax(0, 1fr)" }, maxWidth: 1120, mx: "auto", px: { xs: 1, md: 2 }, py: { xs: 2, md: 5 }, alignItems: "start" }}>
        <Box>
          <Typography variant="h1" component="h1" sx={{ fontSize: { xs: "1.75rem", md: "2.25rem" }, lineHeight: 1.1, mb: 1.5 }}>Which panels, wired how, into what.</Typography>
          <Box component="p" sx={{ mt: 0, fontSize: "1rem" }}>
            Pick a panel and an input, say how many in series and how many strings, and see at once whether it may be connected, with the numbers and the reason.
          </Box>
          <NewPlan onCreate={async (name) => {
            const result = await client.createPlan(name);
            if (result.type === "fault") return result.fault.message;
            open(result.value.id, "panels");
            return null;
          }} />
          <ImportButton icon={<FileUp size={16} />} onText={async (text) => {
            setFault(null);
            const result = await client.importPlan(text);
            if (result.type === "fault") setFault(result.fault.message);
            else open(result.value.id, "wire");
          }} onFault={setFault} />
          {fault !== null && <Box role="alert" sx={{ mt: 1.5, p: 1.5, borderLeft: "6px solid var(--stop)", bgcolor: "background.paper", overflowWrap: "anywhere" }}><strong>The file was not read.</strong> {fault} Nothing was imported.</Box>}
        </Box>
        <Sheet title="Plans" flush>
          {plans.length === 0 && <Box sx={{ p: 2 }}>No plans yet. Give the first one a name: at its first stop a worked example shows how it goes.</Box>}
          <Box component="ul" aria-label="Plans" sx={{ listStyle: "none", m: 0, p: 0 }}>
            {plans.map((plan) => (
              <Box component="li" key={plan.id} sx={{ display: "flex", alignItems: "center", borderBottom: "1px solid var(--line)", pl: 1.5, pr: 0.5 }}>
                <Box component={Link} href={`/plan/${plan.id}/wire`} prefetch={false} sx={{ flex: 1, minWidth: 0, color: "var(--ink)", textDecoration: "none", py: 1.25, "&:hover strong": { textDecoration: "underline", textDecorationColor: "var(--amber)", textDecorationThickness: 3 } }}>
                  <Box component="strong" sx={{ display: "block", fontFamily: "var(--font-display)", fontWeight: 600, fontSize: "1.0625rem" }}>{plan.name}</Box>
                  <Box component="span" suppressHydrationWarning sx={{ fontSize: "0.8125rem", color: "text.secondary" }}>changed {formatDistanceToNowStrict(new Date(plan.updatedAt), { addSuffix: true })} · revision {plan.revision}</Box>
                </Box>
                <IconButton component="a" href={`/api/plans/${plan.id}/export`} download aria-label={`Export ${plan.name} as JSON`}><FileDown size={18} /></IconButton>
                <IconButton aria-label={`Delete ${plan.name}`} onClick={() => setDeleting(plan)}><Trash2 size={18} /></IconButton>
              </Box>
            ))}
          </Box>
        </Sheet>
      </Box>
      <DeletePlan plan={deleting} onClose={() => setDeleting(null)} onDelete={async (plan) => {
        const result = await client.deletePlan(plan.id, plan.revision);
        router.refresh();
        return result.type === "fault" ? result.fault.message : null;
      }} />
      <Box component="footer" sx={{ maxWidth: 1120, mx: "auto", px: 2, pb: 3, fontSize: "0.8125rem", color: "text.secondary" }}>
        We plan, you decide: every verdict says what it assumed. Plans stay on this computer. The file format is open: <Box component="a" href="/schema/plan-v2.json" sx={{ color: "inherit" }}>its JSON Schema</Box>.
      </Box>
    </Box>
  );
}

