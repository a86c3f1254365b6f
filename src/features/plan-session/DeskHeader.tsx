"use client";

import Box from "@mui/material/Box";
import IconButton from "@mui/material/IconButton";
import InputBase from "@mui/material/InputBase";
import Tooltip from "@mui/material/Tooltip";
import { Ellipsis, FileDown, FolderArchive, Redo2, Undo2 } from "lucide-react";
import { useState } from "react";
import { browserClient } from "@/api";
import { planFileName, planFileText, photoIdsOf } from "@/core/plan";
import { needsAttention, useIsKept } from "@/features/sync";
import { saveWords } from "@/messages/en/sync/save";
import { HomeLink, ThemeSwitch, downloadFile, UnitSwitch } from "@/ui";
import { useDesk, useDeskState } from "./DeskProvider";
import { deskHeaderTexts } from "@/messages/en/plan-session/view";

/** Name of the plan, how it is saved, undo and redo, export, and the light to read by. */
export function DeskHeader() {
  const desk = useDesk();
  const canUndo = useDeskState((state) => state.history.past.length > 0);
  /** What is on the desk, saved or not. */
  const exportNow = () => {
    const { present } = desk.now().history;
    downloadFile(planFileName(present), "application/json", planFileText(present));
  };
  /** The same with all that belongs to the plan, packed; the packing is loaded when first asked for. */
  const exportBundle = async () => {
    const { planBundle, planBundleName } = await import("@/core/bundle");
    const { present } = desk.now().history;
    const { weather } = present.site;
    const file = weather === null ? null : await browserClient.readWeather(weather.id);
    if (file?.type === "fault")
      desk.set({ notice: deskHeaderTexts.withoutWeather(weather?.name ?? "", file.fault.message) });
    const text = file?.type === "ok" ? file.value.text : null;
    const names = photoIdsOf(present);
    const photos = await Promise.all(
      [...names].map(async (id) => {
        const response = await fetch(`/api/photos/${id}`).catch(() => null);
        return response?.ok === true ? [new Uint8Array(await response.arrayBuffer())] : [];
      }),
    );
    const found = photos.flat();
    if (found.length < names.size) desk.set({ notice: deskHeaderTexts.aPhotoIsMissingFromTheBundle });
    const kept = await browserClient.readings.list(desk.now().planId);
    if (kept.type === "fault") desk.set({ notice: deskHeaderTexts.theBundleIsWithoutReadings(kept.fault.message) });
    const readings = kept.type === "ok" ? kept.value.records : [];
    downloadFile(
      planBundleName(present),
      "application/zip",
      await planBundle(present, { weather: text, photos: found, readings }),
    );
  };
  const [more, setMore] = useState(false);
  const canRedo = useDeskState((state) => state.history.future.length > 0);
  return (
    <Box
      component="header"
      sx={{
        display: "flex",
        alignItems: "center",
        gap: { xs: 0.5, md: 1.5 },
        px: { xs: 1, md: 2 },
        minHeight: 52,
        borderBottom: "1px solid var(--line)",
        flexWrap: "wrap",
      }}
    >
      <HomeLink short />
      <Box
        sx={{
          display: { xs: "grid", md: "flex" },
          alignItems: "center",
          gap: { xs: 0, md: 1.5 },
          flex: { xs: "1 1 0", md: "1 1 auto" },
          minWidth: 0,
        }}
      >
        <PlanName />
        <SaveWord />
      </Box>
      <Box sx={{ display: "flex", alignItems: "center", gap: { xs: 0, md: 0.5 }, ml: "auto" }}>
        <Tooltip title={deskHeaderTexts.undoCtrlZ}>
          <span>
            <IconButton aria-label={deskHeaderTexts.undo} disabled={!canUndo} onClick={desk.undo}>
              <Undo2 size={18} />
            </IconButton>
          </span>
        </Tooltip>
        <Tooltip title={deskHeaderTexts.redoCtrlShiftZ}>
          <span>
            <IconButton aria-label={deskHeaderTexts.redo} disabled={!canRedo} onClick={desk.redo}>
              <Redo2 size={18} />
            </IconButton>
          </span>
        </Tooltip>
        <Box sx={{ display: { xs: "none", md: "flex" }, alignItems: "center", gap: 0.5 }}>
          <Tooltip title={deskHeaderTexts.exportThePlanAsAJsonFile}>
            <IconButton aria-label={deskHeaderTexts.exportThisPlanAsJson} onClick={exportNow}>
              <FileDown size={18} />
            </IconButton>
          </Tooltip>
          <Tooltip title={deskHeaderTexts.exportThePlanWithPhotosReadings}>
            <IconButton aria-label={deskHeaderTexts.exportThisPlanAsABundle} onClick={() => void exportBundle()}>
              <FolderArchive size={18} />
            </IconButton>
          </Tooltip>
          <UnitSwitch />
          <ThemeSwitch />
        </Box>
        <Box sx={{ display: { md: "none" } }}>
          <IconButton
            aria-label={deskHeaderTexts.exportUnitsAndDisplay}
            aria-expanded={more}
            onClick={() => setMore(!more)}
          >
            <Ellipsis size={18} />
          </IconButton>
        </Box>
      </Box>
      {more && (
        <Box
          sx={{ display: { xs: "flex", md: "none" }, flex: "1 1 100%", gap: 0.5, justifyContent: "flex-end", pb: 0.5 }}
        >
          <IconButton aria-label={deskHeaderTexts.exportThisPlanAsJson} onClick={exportNow}>
            <FileDown size={18} />
          </IconButton>
          <IconButton aria-label={deskHeaderTexts.exportThisPlanAsABundle} onClick={() => void exportBundle()}>
            <FolderArchive size={18} />
          </IconButton>
          <UnitSwitch />
          <ThemeSwitch />
        </Box>
      )}
    </Box>
  );
}

/** How the plan is saved; apart, since it changes three times with every edit. */
function SaveWord() {
  const revision = useDeskState((state) => state.revision);
  const save = useDeskState((state) => state.save);
  const isKept = useIsKept();
  const worried = needsAttention(save);
  return (
    <div
      role="status"
      data-save={save.type}
      style={{
        fontSize: "0.8125rem",
        color: worried ? "var(--stop)" : "var(--ink-soft)",
        fontWeight: worried ? 700 : 400,
      }}
    >
      {saveWords(save.type, revision, isKept)}
    </div>
  );
}

/** The plan's name, edited where it stands. An empty one is not taken, and the last one stays. */
function PlanName() {
  const desk = useDesk();
  const name = useDeskState((state) => state.history.present.name);
  const [draft, setDraft] = useState<string | null>(null);
  return (
    <InputBase
      value={draft ?? name}
      onChange={(event) => {
        setDraft(event.target.value);
        const next = event.target.value.trim();
        if (next !== "" && next.length <= 80) desk.change({ type: "rename", name: next }, "rename");
      }}
      onBlur={() => {
        setDraft(null);
        desk.endGesture();
      }}
      inputProps={{ "aria-label": deskHeaderTexts.planName, maxLength: 80 }}
      sx={{
        fontFamily: "var(--font-display)",
        fontSize: "1.0625rem",
        flex: "1 1 180px",
        maxWidth: 420,
        px: 1,
        borderLeft: "1px solid var(--line-strong)",
        minHeight: 36,
        "@media (pointer: coarse)": { minHeight: 44 },
      }}
    />
  );
}
