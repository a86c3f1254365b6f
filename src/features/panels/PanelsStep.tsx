"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { FilePlus2 } from "lucide-react";
import { useState } from "react";
import { type ApiClient } from "@/api";
import { blankLabel, type PanelSheet, type PlanPanel } from "@/core/plan";
import { demoPanels } from "@/demo";
import { KeepInLibrary, LibrarySheet, useDesk, useLibrary, usePlan } from "@/features/plan-session";
import { ReadFrom, ReadIn, ReadInButton, useReadingIn } from "@/features/label-import";
import { newId, PickList, Region } from "@/ui";
import { given } from "@/messages/en";
import { LabelCheck } from "./LabelCheck";
import { LabelCurve } from "./LabelCurve";
import { LabelForm } from "./LabelForm";
import { MeasuredForm } from "./MeasuredForm";
import { panelsStepTexts } from "@/messages/en/panels/view";
import { TermHelp } from "@/features/glossary";

const shelf = (client: ApiClient) => client.panels;

const opening = panelsStepTexts.enterTheNumbersAsTheyAreOnThe;

/** The step where panels are chosen from the library or typed off their labels. */
export function PanelsStep() {
  const desk = useDesk();
  const { panels } = usePlan();
  const library = useLibrary(shelf);
  const [chosenId, setChosenId] = useState<string | null>(null);
  const [help, setHelp] = useState(opening);
  const isReadingIn = useReadingIn();
  const chosen = panels.find((panel) => panel.id === chosenId) ?? panels[0];

  const add = (label: PanelSheet, libraryId: string | null) => {
    const id = newId();
    desk.change({ type: "addPanel", id, libraryId, label });
    setChosenId(id);
  };

  const patch = (change: Partial<PanelSheet>, gesture?: string) => {
    if (chosen !== undefined)
      desk.change(
        { type: "setLabel", panelId: chosen.id, patch: change },
        gesture === undefined ? undefined : `label:${chosen.id}:${gesture}`,
      );
  };

  return (
    <Box
      sx={{
        display: "grid",
        gap: 2,
        gridTemplateColumns: { xs: "minmax(0, 1fr)", md: "270px minmax(0, 1fr) 320px" },
        gridTemplateAreas: { xs: '"list" "sheet" "side" "library"', md: '"list sheet side" "library sheet side"' },
        gridTemplateRows: { md: "auto 1fr" },
        alignItems: "start",
      }}
    >
      <Box sx={{ gridArea: "list", minWidth: 0 }}>
        <Region title={panelsStepTexts.inThisPlan} flush>
          {panels.length === 0 && (
            <Box sx={{ p: 1.5, fontSize: "0.875rem" }}>{panelsStepTexts.noPanelsYetAddOneFromTheLibrary}</Box>
          )}
          <PickList
            label={panelsStepTexts.panelsInThisPlan}
            items={panels.map(cardOf)}
            chosen={chosen?.id ?? null}
            onChoose={setChosenId}
            onRemove={(panelId) => desk.change({ type: "removePanel", panelId })}
          />
          <Box sx={{ p: 1, display: "flex", gap: 1, flexWrap: "wrap" }}>
            <Button
              size="small"
              variant="contained"
              startIcon={<FilePlus2 size={16} />}
              onClick={() => add(blankLabel(panelsStepTexts.newPanel), null)}
            >
              {panelsStepTexts.enterALabel}
            </Button>
            <ReadInButton />
            {panels.length === 0 && (
              <Button size="small" variant="outlined" onClick={() => add(demoPanels.rigid195, null)}>
                {panelsStepTexts.workedExample}
              </Button>
            )}
          </Box>
        </Region>
      </Box>
      <Box sx={{ gridArea: "library", minWidth: 0 }}>
        <LibrarySheet
          shelf="panels"
          label={panelsStepTexts.panelsInTheLibrary}
          state={library.state}
          emptyWords="The library is empty. Save a panel here to use it in other plans."
          detail={({ sheet }) => ratingOf(sheet)}
          onTake={({ id, sheet }) => add(sheet, id)}
        />
      </Box>
      <Box sx={{ gridArea: "sheet", minWidth: 0, display: "grid", gap: 2 }}>
        {isReadingIn && (
          <ReadIn
            panelTakes={[
              {
                words: panelsStepTexts.addToThePlan,
                take: (fields) => add({ ...blankLabel(panelsStepTexts.importedPanel), ...fields }, null),
              },
              ...(chosen === undefined
                ? []
                : [
                    {
                      words: panelsStepTexts.fillNameWithIt(chosen.label.name),
                      take: (fields: Partial<PanelSheet>) => patch(fields),
                    },
                  ]),
            ]}
            inputTakes={[]}
            takeAll={null}
          />
        )}
        {chosen !== undefined && (
          <>
            <Region title={panelsStepTexts.label} aside={<KeepInLibrary keep={() => library.keep(chosen.label)} />}>
              <ReadFrom from={chosen.label.readFrom} />
              <LabelForm
                key={chosen.id}
                label={chosen.label}
                patch={patch}
                onDone={desk.endGesture}
                onField={setHelp}
              />
            </Region>
            <Region title={panelsStepTexts.measuredCurveOptional}>
              <MeasuredForm key={chosen.id} panel={chosen} />
            </Region>
          </>
        )}
      </Box>
      {chosen !== undefined && (
        <Box sx={{ gridArea: "side", display: "grid", gap: 2, minWidth: 0 }}>
          <Box
            sx={{
              display: { xs: "none", md: "block" },
              borderLeft: "3px double var(--line-strong)",
              pl: 1.5,
              minHeight: 66,
              fontSize: "0.9375rem",
              fontStyle: "italic",
            }}
            aria-hidden
          >
            {help}
          </Box>
          <Region title={panelsStepTexts.labelCheck} aside={<TermHelp id="stc" term="STC" />}>
            <LabelCheck label={chosen.label} patch={patch} />
          </Region>
          <Region title={panelsStepTexts.curveFromTheLabel}>
            <LabelCurve label={chosen.label} />
          </Region>
        </Box>
      )}
    </Box>
  );
}

function cardOf({ id, label }: PlanPanel) {
  return { id, name: label.name, detail: ratingOf(label) };
}

function ratingOf(label: PanelSheet): string {
  const { pmaxW, vocV, iscA } = label;
  return (
    [
      pmaxW === null ? null : given(pmaxW, "W"),
      vocV === null ? null : given(vocV, "V"),
      iscA === null ? null : given(iscA, "A"),
    ]
      .filter((part) => part !== null)
      .join(" · ") || panelsStepTexts.nothingEnteredYet
  );
}
