"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Snackbar from "@mui/material/Snackbar";
import Typography from "@mui/material/Typography";
import { FileDown, FilePlus2, FileUp } from "lucide-react";
import Link from "next/link";
import { useMemo, useRef, useState } from "react";
import { browserClient, type InputRecord, type PanelRecord, type UnreadableSheet } from "@/api";
import { type Sheets, writeLibrary } from "@/core/library";
import { blankDevice, blankLabel, type DeviceSheet, deviceSchema, labelSchema, type PanelSheet } from "@/core/plan";
import { ReadIn, ReadInButton, useReadingIn } from "@/features/label-import";
import { type ShelfName } from "@/workers";
import { ThemeSwitch, downloadFile, PageHead, ReadyMark, UnitSwitch, useUnits } from "@/ui";
import { counted } from "@/messages/en";
import { InputEditor, PanelEditor } from "./editors";
import { inputExtras, inputTable } from "./input-shelf";
import { panelExtras, panelTable } from "./panel-shelf";
import { ReadFile } from "./ReadFile";
import { SheetTable } from "./SheetTable";
import { Unreadable } from "./Unreadable";
import { withoutDuplicates, useFileRead } from "./useFileRead";
import { useShelf } from "./useShelf";
import { libraryViewTexts } from "@/messages/en/library/view";
import { LeftOn, OpenSheet } from "./OpenSheet";
import { saveTable, batchReport, chosenWords } from "./table-files";

type Props = {
  readonly shelf: ShelfName;
  readonly panels: readonly PanelRecord[];
  readonly inputs: readonly InputRecord[];
  /** what lies on the shelf shown but does not read */ readonly unreadable: readonly UnreadableSheet[];
};

/** The library: every panel and input kept for plans to take from. */
export function LibraryView({ shelf, panels, inputs, unreadable }: Props) {
  const system = useUnits();
  const panelShelf = useShelf<PanelSheet, PanelRecord>({
    kind: "panel",
    client: browserClient.panels,
    initial: panels,
    recordOf: (fresh) => fresh,
    schema: labelSchema,
  });
  const inputShelf = useShelf<DeviceSheet, InputRecord>({
    kind: "input",
    client: browserClient.inputs,
    initial: inputs,
    recordOf: (fresh) => fresh,
    schema: deviceSchema,
  });
  const isReadingIn = useReadingIn();
  const [withRetired, setWithRetired] = useState(false);
  const [chosen, setChosen] = useState<readonly string[]>([]);
  const now = shelf === "panels" ? panelShelf : inputShelf;
  const picker = useRef<HTMLInputElement>(null);
  const file = useFileRead({
    shelf,
    existing: () => ({
      panels: panelShelf.records.map(({ sheet }) => sheet),
      inputs: inputShelf.records.map(({ sheet }) => sheet),
    }),
    keep: async (sheets) => (await panelShelf.addMany(sheets.panels)) ?? (await inputShelf.addMany(sheets.inputs)),
  });
  const panelsShown = useShown(panelShelf.records, withRetired);
  const inputsShown = useShown(inputShelf.records, withRetired);
  const panelColumnsShown = useMemo(() => panelTable(system), [system]);
  const inputColumnsShown = useMemo(() => inputTable(system), [system]);
  /** Ticked sheets, or all that are shown when none is. */
  const picked = <R extends PanelRecord | InputRecord>(records: readonly R[]) =>
    records.filter(({ id }) => chosen.length === 0 || chosen.includes(id));
  const sheetsPicked = (): Sheets =>
    shelf === "panels"
      ? { panels: picked(panelsShown).map(({ sheet }) => sheet), inputs: [] }
      : { panels: [], inputs: picked(inputsShown).map(({ sheet }) => sheet) };
  const retired = now.records.filter((record) => record.retired).length;
  const start = () =>
    void (shelf === "panels"
      ? panelShelf.start(blankLabel(libraryViewTexts.newPanel))
      : inputShelf.start(blankDevice(libraryViewTexts.newController)));
  const common = { chosen, onChosen: setChosen, onOpen: now.open };

  return (
    <Box sx={{ minHeight: "100vh", display: "flex", flexDirection: "column" }}>
      <PageHead>
        <UnitSwitch />
        <ThemeSwitch />
      </PageHead>
      <Box component="main" sx={{ px: { xs: 1, md: 2 }, py: 2, display: "grid", gap: 1.5, minWidth: 0 }}>
        <Box sx={{ display: "flex", gap: 2, alignItems: "baseline", flexWrap: "wrap" }}>
          <Typography variant="h1" component="h1">
            {libraryViewTexts.library}
          </Typography>
          <Box component="nav" aria-label={libraryViewTexts.tables} sx={{ display: "flex", gap: 0.5 }}>
            <ShelfLink name="panels" here={shelf}>
              {libraryViewTexts.panelsPanelsShownCount(panelsShown.length)}
            </ShelfLink>
            <ShelfLink name="inputs" here={shelf}>
              {libraryViewTexts.controllersInputsShownCount(inputsShown.length)}
            </ShelfLink>
          </Box>
        </Box>
        {shelf === "panels" ? <LeftOn shelf={panelShelf} /> : <LeftOn shelf={inputShelf} />}
        <Unreadable
          sheets={unreadable}
          onRemove={(shelf === "panels" ? browserClient.panels : browserClient.inputs).remove}
        />
        <Box sx={{ display: "flex", gap: 1, flexWrap: "wrap", alignItems: "center" }}>
          <Button size="small" variant="contained" startIcon={<FilePlus2 size={16} />} onClick={start}>
            {shelf === "panels" ? libraryViewTexts.enterALabel : libraryViewTexts.enterADataSheet}
          </Button>
          <input
            ref={picker}
            type="file"
            accept=".csv,.tsv,.txt,.json,text/csv,application/json"
            aria-label={libraryViewTexts.libraryFile}
            hidden
            onChange={(event) => {
              const picked1 = event.target.files?.[0];
              // cleared, so that the same file can be chosen again after it was fixed
              event.target.value = "";
              if (picked1 !== undefined) void file.take(picked1);
            }}
          />
          <ReadInButton />
          <Button
            size="small"
            variant="outlined"
            startIcon={<FileUp size={16} />}
            onClick={() => picker.current?.click()}
          >
            {libraryViewTexts.importCsvOrJson}
          </Button>
          <Button
            size="small"
            variant="outlined"
            startIcon={<FileDown size={16} />}
            onClick={() => void saveTable(shelf, sheetsPicked())}
          >
            {libraryViewTexts.exportCsvChosen(chosenWords(chosen.length))}
          </Button>
          <Button
            size="small"
            variant="outlined"
            startIcon={<FileDown size={16} />}
            onClick={() => downloadFile(`${shelf}.json`, "application/json", writeLibrary(sheetsPicked()))}
          >
            {libraryViewTexts.exportJsonChosen(chosenWords(chosen.length))}
          </Button>
          {chosen.length > 0 && (
            <Button
              size="small"
              variant="outlined"
              onClick={() => {
                void now.retire(chosen, true);
                setChosen([]);
              }}
            >
              {libraryViewTexts.archiveChosenCount(counted(chosen.length, "entry", "entries"))}
            </Button>
          )}
          {retired > 0 && (
            <Button
              size="small"
              variant={withRetired ? "contained" : "text"}
              aria-pressed={withRetired}
              onClick={() => setWithRetired(!withRetired)}
            >
              {libraryViewTexts.showRetiredArchived(retired)}
            </Button>
          )}
        </Box>
        {isReadingIn && (
          <ReadIn
            panelTakes={[
              {
                words: libraryViewTexts.addToTheLibrary,
                take: (fields) => void panelShelf.start({ ...blankLabel(libraryViewTexts.importedPanel), ...fields }),
              },
            ]}
            inputTakes={[{ words: libraryViewTexts.addToTheLibrary, take: (device) => void inputShelf.start(device) }]}
            takeAll={async (panelsRead, inputsRead) => {
              const read = {
                panels: panelsRead.map((fields) => ({ ...blankLabel(libraryViewTexts.importedPanel), ...fields })),
                inputs: inputsRead,
              };
              const fresh = withoutDuplicates(read, {
                panels: panelShelf.records.map(({ sheet }) => sheet),
                inputs: inputShelf.records.map(({ sheet }) => sheet),
              });
              const fault =
                (fresh.panels.length === 0 ? null : await panelShelf.addMany(fresh.panels)) ??
                (fresh.inputs.length === 0 ? null : await inputShelf.addMany(fresh.inputs));
              return fault ?? batchReport(read, fresh);
            }}
          />
        )}
        {now.fault !== null && (
          <Box role="alert" sx={{ borderLeft: "6px solid var(--stop)", pl: 1 }}>
            {now.fault}
          </Box>
        )}
        <Box
          sx={{
            bgcolor: "background.paper",
            border: "1px solid var(--line)",
            borderTop: "2px solid var(--ink)",
            minWidth: 0,
            display: "grid",
          }}
        >
          {shelf === "panels" ? (
            <SheetTable
              key="panels"
              label={libraryViewTexts.panelsInTheLibrary}
              records={panelsShown}
              columns={panelColumnsShown}
              extras={panelExtras}
              {...common}
            />
          ) : (
            <SheetTable
              key="inputs"
              label={libraryViewTexts.controllersInTheLibrary}
              records={inputsShown}
              columns={inputColumnsShown}
              extras={inputExtras}
              {...common}
            />
          )}
        </Box>
        <Box component="p" sx={{ m: 0, fontSize: "0.8125rem", color: "text.secondary" }}>
          {shelf === "panels"
            ? libraryViewTexts.csvHasOneRowForEachPanel
            : libraryViewTexts.csvHasOneRowForEachPvInputLimits}{" "}
          {libraryViewTexts.bothFormatsAreOpen}{" "}
          <Box component="a" href="/schema/library-v2.json" sx={{ color: "inherit" }}>
            {libraryViewTexts.jsonSchema}
          </Box>
          .
        </Box>
      </Box>
      {shelf === "panels" ? (
        <OpenSheet shelf={panelShelf} fileText={(sheet) => writeLibrary({ panels: [sheet], inputs: [] })}>
          {(editor, label) => <PanelEditor editor={editor} label={label} />}
        </OpenSheet>
      ) : (
        <OpenSheet shelf={inputShelf} fileText={(sheet) => writeLibrary({ panels: [], inputs: [sheet] })}>
          {(editor, device) => <InputEditor editor={editor} device={device} />}
        </OpenSheet>
      )}
      <ReadFile reading={file.reading} onStop={file.stop} onKeep={() => void file.keep()} />
      <Snackbar
        open={now.undoable.length > 0}
        message={libraryViewTexts.archived(now.undoable.length)}
        action={
          <Button color="inherit" onClick={() => void now.retire(now.undoable, false)}>
            {libraryViewTexts.undo}
          </Button>
        }
      />
      <ReadyMark />
    </Box>
  );
}

function useShown<R extends PanelRecord | InputRecord>(records: readonly R[], withRetired: boolean): readonly R[] {
  return useMemo(() => records.filter(({ retired }) => withRetired || !retired), [records, withRetired]);
}

function ShelfLink({ name, here, children }: { name: ShelfName; here: ShelfName; children: React.ReactNode }) {
  return (
    <Button
      component={Link}
      href={`/library/${name}`}
      size="small"
      variant={name === here ? "contained" : "outlined"}
      aria-current={name === here ? "page" : undefined}
    >
      {children}
    </Button>
  );
}
