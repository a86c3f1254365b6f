"use client";

import Autocomplete from "@mui/material/Autocomplete";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import TextField from "@mui/material/TextField";
import { useRouter } from "next/navigation";
import { useEffect, useMemo, useState } from "react";
import { browserClient } from "@/api";
import { passes } from "@/core/checks";
import { placePrefix, ruleTitle, visible } from "@/messages/en";
import { type Action } from "./actions";
import { useActionSources, useDesk, useSteps } from "./DeskProvider";
import { paletteTexts } from "@/messages/en/plan-session/view";

/** Ctrl or Cmd + K finds anything: what can be done here, steps, panels, findings, other plans. */
export function Palette() {
  const [open, setOpen] = useState(false);
  useEffect(() => onPaletteKey(() => setOpen(true)), []);
  return open ? <Search onClose={() => setOpen(false)} /> : null;
}

function Search({ onClose }: { onClose: () => void }) {
  const here = useHere();
  const plans = useOtherPlans();
  const terms = useTerms();
  const found = useMemo(() => [...here, ...plans, ...terms], [here, plans, terms]);
  return (
    <Dialog
      open
      onClose={onClose}
      // the list inside would keep Escape for itself
      onKeyDownCapture={({ key }) => key === "Escape" && onClose()}
      transitionDuration={0}
      aria-label={paletteTexts.findAnything}
      fullWidth
      maxWidth="sm"
    >
      {/* above the list, which lies over all that is below the field */}
      <DialogActions>
        <Button onClick={onClose}>{paletteTexts.close}</Button>
      </DialogActions>
      <DialogContent>
        <Autocomplete
          open
          autoHighlight
          options={found}
          groupBy={({ of }) => of}
          getOptionLabel={({ words, press }) => (press === null ? words : `${words} (${press})`)}
          getOptionKey={({ of, words }) => `${of}: ${words}`}
          onChange={(_, action) => {
            onClose();
            action?.run();
          }}
          renderInput={(params) => (
            <TextField {...params} autoFocus label={paletteTexts.findACommandAStepAPanelAFindingA} />
          )}
        />
      </DialogContent>
    </Dialog>
  );
}

/** What can be done and gone to in this plan, as it is when the search is opened. */
function useHere(): readonly Action[] {
  const sources = useActionSources();
  const steps = useSteps();
  const desk = useDesk();
  const router = useRouter();
  const [here] = useState(() => {
    const { planId, history, judgement } = desk.now();
    const goTo = (step: string) => () => router.push(`/plan/${planId}/${step}`);
    const assessment = judgement?.assessment.type === "assessed" ? judgement.assessment : null;
    return [
      ...[...sources].flatMap((source) => source()),
      ...steps.map(({ id, name }, k): Action => ({
        of: paletteTexts.steps,
        words: name,
        press: `Alt ${k + 1}`,
        run: goTo(id),
      })),
      ...(assessment?.findings ?? []).map((finding): Action => ({
        of: passes(finding.level) ? paletteTexts.findingsThatAreOk : paletteTexts.findings,
        words: `${assessment === null ? "" : placePrefix(assessment, finding)}${ruleTitle(finding.rule)}`,
        press: null,
        run: () => desk.set({ ledgerOpen: true, litFinding: finding.id, soughtFinding: finding.id }),
      })),
      ...steps.flatMap(({ id, name, search }) =>
        (search?.(history.present) ?? []).map((words): Action => ({
          of: paletteTexts.nameOfThisPlan(name),
          words,
          press: null,
          run: goTo(id),
        })),
      ),
    ];
  });
  return here;
}

function useOtherPlans(): readonly Action[] {
  const router = useRouter();
  const plans = useLoaded(loadPlans);
  return useMemo(
    () =>
      plans.map(({ id, name }) => ({
        of: paletteTexts.plans,
        words: visible(name),
        press: null,
        run: () => router.push(`/plan/${id}/wiring`),
      })),
    [plans, router],
  );
}

/** The terms of the glossary. */
function useTerms(): readonly Action[] {
  const desk = useDesk();
  const terms = useLoaded(loadTerms);
  return useMemo(
    () =>
      terms.map(({ id, term }) => ({
        of: paletteTexts.glossary,
        words: term,
        press: null,
        run: () => desk.set({ glossaryTerm: id }),
      })),
    [terms, desk],
  );
}

async function loadPlans() {
  const result = await browserClient.listPlans();
  return result.type === "ok" ? result.value : [];
}

async function loadTerms() {
  return (await import("@/messages/en/glossary/terms")).glossary;
}

/** What is loaded when somebody searches: nothing until it is there. `load` is one function, not a new one at each drawing. */
function useLoaded<T>(load: () => Promise<readonly T[]>): readonly T[] {
  const [loaded, setLoaded] = useState<readonly T[]>([]);
  useEffect(() => {
    let gone = false;
    void load().then((found) => {
      if (!gone) setLoaded(found);
    });
    return () => {
      gone = true;
    };
  }, [load]);
  return loaded;
}

/** Wherever the focus is. */
function onPaletteKey(open: () => void): () => void {
  const listen = (event: KeyboardEvent) => {
    if (!(event.ctrlKey || event.metaKey) || event.altKey || event.shiftKey || event.key.toLowerCase() !== "k") return;
    event.preventDefault();
    open();
  };
  window.addEventListener("keydown", listen);
  return () => window.removeEventListener("keydown", listen);
}
