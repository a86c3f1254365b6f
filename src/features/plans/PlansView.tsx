"use client";

import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import Button from "@mui/material/Button";
import OutlinedInput from "@mui/material/OutlinedInput";
import Snackbar from "@mui/material/Snackbar";
import { FileUp } from "lucide-react";
import Link from "next/link";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { type ApiResult, browserClient, type PlanSummary, type SavedPlan } from "@/api";
import { LightSwitch, NamePlate, ReadyMark, Region, UnitSwitch } from "@/ui";
import { counted } from "@/words";
import { ImportButton } from "./ImportButton";
import { NewPlan } from "./NewPlan";
import { PlanLine } from "./PlanLine";
import { useVerdicts } from "./useVerdicts";

const beside = [
  { href: "/practice", name: "Practice" },
  { href: "/library/panels", name: "Library" },
  { href: "/phones", name: "Phones" },
];

/** All plans: open one, start one with nothing but a name, read one from a file. */
export function PlansView({ plans }: { plans: readonly PlanSummary[] }) {
  const router = useRouter();
  const [fault, setFault] = useState<string | null>(null);
  const [wanted, setWanted] = useState("");
  const [word, setWord] = useState<string | null>(null);
  const [deleted, setDeleted] = useState<SavedPlan | null>(null);
  const [withArchived, setWithArchived] = useState(false);
  const glances = useVerdicts(browserClient, plans);
  const archived = plans.filter((plan) => plan.archived).length;
  const shown = plans.filter(
    (plan) => plan.name.toLowerCase().includes(wanted.trim().toLowerCase()) && (withArchived || !plan.archived),
  );
  /** Reads a plan, does something with it, and shows the list as it then is; a fault is told, and nothing is lost. */
  const withPlan = async (plan: PlanSummary, act: (saved: SavedPlan) => Promise<ApiResult<unknown>>) => {
    setFault(null);
    const found = await browserClient.readPlan(plan.id);
    const result = found.type === "fault" ? found : await act(found.value);
    if (result.type === "fault") setFault(result.fault.message);
    router.refresh();
  };
  const duplicate = (plan: PlanSummary) =>
    withPlan(plan, (saved) =>
      browserClient.importPlan(JSON.stringify({ ...saved.plan, name: `${saved.plan.name.slice(0, 70)}, copy` })),
    );
  const remove = (plan: PlanSummary) =>
    withPlan(plan, async (saved) => {
      const result = await browserClient.deletePlan(plan.id, plan.revision);
      if (result.type === "ok") setDeleted(saved);
      return result;
    });
  const bringBack = async () => {
    if (deleted === null) return;
    const result = await browserClient.importPlan(JSON.stringify(deleted.plan));
    if (result.type === "fault") setFault(result.fault.message);
    else setDeleted(null);
    router.refresh();
  };
  const putAway = async (plan: PlanSummary) => {
    setFault(null);
    const result = await browserClient.archivePlan(plan.id, !plan.archived);
    if (result.type === "fault") setFault(result.fault.message);
    else
      setWord(
        plan.archived ? `“${plan.name}” is back in the list.` : `“${plan.name}” is put away; nothing of it is lost.`,
      );
    router.refresh();
  };
  const open = (id: string, stop: string) => router.push(`/plan/${id}/${stop}`);
  return (
    <Box sx={{ minHeight: "100vh" }}>
      <Box
        component="header"
        sx={{
          display: "flex",
          alignItems: "center",
          px: { xs: 1, md: 2 },
          minHeight: 52,
          borderBottom: "1px solid var(--line)",
          flexWrap: "wrap",
        }}
      >
        <NamePlate />
        <Box component="nav" aria-label="Beside the plans" sx={{ ml: "auto", mr: 1.5, display: "flex", gap: 2 }}>
          {beside.map(({ href, name }) => (
            <Box
              component={Link}
              key={href}
              href={href}
              prefetch={false}
              sx={{ color: "inherit", fontWeight: 600, minHeight: 44, display: "inline-flex", alignItems: "center" }}
            >
              {name}
            </Box>
          ))}
        </Box>
        <Box sx={{ display: "flex", gap: 0.5, alignItems: "center" }}>
          <UnitSwitch />
          <LightSwitch />
        </Box>
      </Box>
      <Box
        component="main"
        sx={{
          display: "grid",
          gap: { xs: 2, md: 5 },
          gridTemplateColumns: { xs: "minmax(0, 1fr)", md: "340px minmax(0, 1fr)" },
          maxWidth: 1120,
          mx: "auto",
          px: { xs: 1, md: 2 },
          py: { xs: 2, md: 5 },
          alignItems: "start",
        }}
      >
        <Box>
          <Typography
            variant="h1"
            component="h1"
            sx={{ fontSize: { xs: "1.75rem", md: "2.25rem" }, lineHeight: 1.1, mb: 1.5 }}
          >
            Which panels, wired how, into what.
          </Typography>
          <Box component="p" sx={{ mt: 0, fontSize: "1rem" }}>
            Lay your panels out in rows before each port, and see at once whether they may be connected, with the
            numbers and the reason.
          </Box>
          <NewPlan
            onCreate={async (name) => {
              const result = await browserClient.createPlan(name);
              if (result.type === "fault") return result.fault.message;
              open(result.value.id, "wire");
              return null;
            }}
          />
          <ImportButton
            icon={<FileUp size={16} />}
            onFile={async (file) => {
              setFault(null);
              const result = await browserClient.importPlan(file);
              if (result.type === "fault") setFault(result.fault.message);
              else open(result.value.id, "wire");
            }}
            onFault={setFault}
          />
          {fault !== null && (
            <Box
              role="alert"
              sx={{
                mt: 1.5,
                p: 1.5,
                borderLeft: "6px solid var(--stop)",
                bgcolor: "background.paper",
                overflowWrap: "anywhere",
              }}
            >
              <strong>That was not done.</strong> {fault} Nothing was changed.
            </Box>
          )}
        </Box>
        <Region title="Plans" flush>
          {plans.length === 0 && (
            <Box sx={{ p: 2 }}>
              No plans yet. Give the first one a name: it opens with three ways to begin, one of them a worked example.
            </Box>
          )}
          {plans.length > 1 && (
            <Box sx={{ p: 1.5, borderBottom: "1px solid var(--line)" }}>
              <OutlinedInput
                size="small"
                fullWidth
                type="search"
                value={wanted}
                onChange={(event) => setWanted(event.target.value)}
                placeholder="Find a plan by its name"
                inputProps={{ "aria-label": "Find a plan by its name" }}
                sx={{ "& input::placeholder": { color: "text.secondary", opacity: 1, fontStyle: "italic" } }}
              />
            </Box>
          )}
          {plans.length > 0 && shown.length === 0 && (
            <Box role="status" sx={{ p: 2 }}>
              {wanted.trim() === "" ? "Every plan is put away." : `No plan has “${wanted.trim()}” in its name.`}
            </Box>
          )}
          <Box component="ul" aria-label="Plans" sx={{ listStyle: "none", m: 0, p: 0 }}>
            {shown.map((plan) => (
              <PlanLine
                key={plan.id}
                plan={plan}
                glance={glances.get(plan.id) ?? null}
                onDuplicate={() => void duplicate(plan)}
                onPutAway={() => void putAway(plan)}
                onRemove={() => void remove(plan)}
              />
            ))}
          </Box>
          {archived > 0 && (
            <Box sx={{ p: 1 }}>
              <Button size="small" aria-pressed={withArchived} onClick={() => setWithArchived(!withArchived)}>
                {withArchived ? "Hide" : "Show"} {counted(archived, "archived plan")}
              </Button>
            </Box>
          )}
        </Region>
      </Box>
      <Snackbar
        open={word !== null}
        message={word}
        autoHideDuration={6000}
        onClose={(_, reason) => reason !== "clickaway" && setWord(null)}
      />
      <Snackbar
        open={deleted !== null}
        message={`“${deleted?.plan.name ?? ""}” is deleted.`}
        action={
          <Button color="inherit" onClick={() => void bringBack()}>
            Undo
          </Button>
        }
      />
      <Box
        component="footer"
        sx={{ maxWidth: 1120, mx: "auto", px: 2, pb: 3, fontSize: "0.8125rem", color: "text.secondary" }}
      >
        We plan, you decide: every verdict says what it assumed. Plans stay on this computer. The file format is open:{" "}
        <Box component="a" href="/schema/plan-v4.json" sx={{ color: "inherit" }}>
          its JSON Schema
        </Box>
        .
      </Box>
      <ReadyMark />
    </Box>
  );
}
