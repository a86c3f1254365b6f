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
import { type MeasuredRecord } from "@/core/measurements";
import { type ApiResult, browserClient, type PlanSearch, type PlanSummary, type SavedPlan } from "@/api";
import { ThemeSwitch, NamePlate, ReadyMark, Region, UnitSwitch } from "@/ui";
import { copyName, counted, visible } from "@/messages/en";
import { ImportButton } from "./ImportButton";
import { NewPlan } from "./NewPlan";
import { Pages } from "./Pages";
import { PlanLine } from "./PlanLine";
import { useListSearch } from "./useListSearch";
import { useVerdicts } from "./useVerdicts";
import { plansViewTexts } from "@/messages/en/plans/view";

const beside = [
  { href: "/practice", name: plansViewTexts.practice },
  { href: "/library/panels", name: plansViewTexts.library },
  { href: "/phones", name: plansViewTexts.phones },
];

type Props = {
  /** Those of this page of the list. */ readonly plans: readonly PlanSummary[];
  /** How many there are of those asked for, and how many of that name are put away. */ readonly found: number;
  readonly archived: number;
  readonly search: PlanSearch;
};

/** A plan that was deleted, with its readings, until its undo is past. */
type Deleted = { readonly saved: SavedPlan; readonly readings: readonly MeasuredRecord[] };

/** All plans: open one, start one with nothing but a name, read one from a file. */
export function PlansView({ plans, found, archived, search }: Props) {
  const router = useRouter();
  const { wanted, find, show } = useListSearch(search);
  const [fault, setFault] = useState<string | null>(null);
  const [word, setWord] = useState<string | null>(null);
  const [deleted, setDeleted] = useState<Deleted | null>(null);
  const glances = useVerdicts(browserClient, plans);
  // what is typed counts at once for those that are here; the server finds the others
  const shown = plans.filter((plan) => plan.name.toLowerCase().includes(wanted.trim().toLowerCase()));
  const isEmpty = found + archived === 0 && search.find === "";
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
      browserClient.importPlan(JSON.stringify({ ...saved.plan, name: copyName(saved.plan.name) })),
    );
  const remove = (plan: PlanSummary) =>
    withPlan(plan, async (saved) => {
      const kept = await browserClient.readings.list(plan.id);
      if (kept.type === "fault") return kept;
      const result = await browserClient.deletePlan(plan.id, plan.revision);
      if (result.type === "ok") setDeleted({ saved, readings: kept.value.records });
      return result;
    });
  const bringBack = async () => {
    if (deleted === null) return;
    const { saved, readings } = deleted;
    const made = await browserClient.importPlan(JSON.stringify(saved.plan));
    const result =
      made.type === "fault" || readings.length === 0
        ? made
        : await browserClient.readings.putMany(made.value.id, readings);
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
        plan.archived
          ? plansViewTexts.nameIsBackInTheList(visible(plan.name))
          : plansViewTexts.nameIsArchivedNothingIsLost(visible(plan.name)),
      );
    router.refresh();
  };
  const open = (id: string, step: string) => router.push(`/plan/${id}/${step}`);
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
        <Box component="nav" aria-label={plansViewTexts.more} sx={{ ml: "auto", mr: 1.5, display: "flex", gap: 2 }}>
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
          <ThemeSwitch />
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
            {plansViewTexts.whichPanelsWiredHowIntoWhat}
          </Typography>
          <Box component="p" sx={{ mt: 0, fontSize: "1rem" }}>
            {plansViewTexts.putYourPanelsIntoStringsOnEachPv}
          </Box>
          <NewPlan
            onCreate={async (name) => {
              const result = await browserClient.createPlan(name);
              if (result.type === "fault") return result.fault.message;
              open(result.value.id, "wiring");
              return null;
            }}
          />
          <ImportButton
            icon={<FileUp size={16} />}
            onFile={async (file) => {
              setFault(null);
              const result = await browserClient.importPlan(file);
              if (result.type === "fault") setFault(result.fault.message);
              else open(result.value.id, "wiring");
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
              <strong>{plansViewTexts.theActionFailed}</strong> {plansViewTexts.faultYourPlansAreUnchanged(fault)}
            </Box>
          )}
        </Box>
        <Region title={plansViewTexts.plans} flush>
          {isEmpty && <Box sx={{ p: 2 }}>{plansViewTexts.noPlansYetCreateTheFirstOneIt}</Box>}
          {(found + archived > 1 || search.find !== "") && (
            <Box sx={{ p: 1.5, borderBottom: "1px solid var(--line)" }}>
              <OutlinedInput
                size="small"
                fullWidth
                type="search"
                value={wanted}
                onChange={(event) => find(event.target.value)}
                placeholder={plansViewTexts.searchPlansByName}
                inputProps={{ "aria-label": plansViewTexts.searchPlansByName }}
                sx={{ "& input::placeholder": { color: "text.secondary", opacity: 1, fontStyle: "italic" } }}
              />
            </Box>
          )}
          {!isEmpty && shown.length === 0 && (
            <Box role="status" sx={{ p: 2 }}>
              {wanted.trim() === ""
                ? plansViewTexts.allPlansAreArchived
                : plansViewTexts.noPlanHasWantedInItsName(wanted.trim())}
            </Box>
          )}
          <Box component="ul" aria-label={plansViewTexts.plans} sx={{ listStyle: "none", m: 0, p: 0 }}>
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
          <Pages search={search} found={found} onFrom={(from) => show({ from })} />
          {archived > 0 && (
            <Box sx={{ p: 1 }}>
              <Button
                size="small"
                aria-pressed={search.withArchived}
                onClick={() => show({ withArchived: !search.withArchived, from: 0 })}
              >
                {search.withArchived ? plansViewTexts.hide : plansViewTexts.show} {counted(archived, "archived plan")}
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
        message={`“${visible(deleted?.saved.plan.name ?? "")}” is deleted.`}
        action={
          <Button color="inherit" onClick={() => void bringBack()}>
            {plansViewTexts.undo}
          </Button>
        }
      />
      <Box
        component="footer"
        sx={{ maxWidth: 1120, mx: "auto", px: 2, pb: 3, fontSize: "0.8125rem", color: "text.secondary" }}
      >
        {plansViewTexts.wePlanYouDecideEveryVerdictSays}{" "}
        <Box component="a" href="/schema/plan-v6.json" sx={{ color: "inherit" }}>
          {plansViewTexts.jsonSchema}
        </Box>
        .
      </Box>
      <ReadyMark />
    </Box>
  );
}
