"use client";

import { DataGrid, type GridColDef, type GridRowSelectionModel, type GridValidRowModel } from "@mui/x-data-grid";
import useMediaQuery from "@mui/material/useMediaQuery";
import { memo, useMemo, useState } from "react";
import { type InputRecord, type PanelRecord } from "@/api";
import { useNonce } from "@/ui";
import { counted, visible } from "@/messages/en";
import { sheetTableTexts } from "@/messages/en/library/view";

type Props<R extends GridValidRowModel> = {
  readonly label: string;
  readonly records: readonly R[];
  readonly columns: readonly GridColDef<R>[];
  /** fields of columns not shown until asked for */
  readonly extras: readonly string[];
  readonly chosen: readonly string[];
  readonly onChosen: (ids: readonly string[]) => void;
  readonly onOpen: (id: string) => void;
};

/** The table of a shelf: sort by any column, filter, choose columns, tick rows. Enter or a press on a name opens a sheet. */
function Table<R extends (PanelRecord | InputRecord) & GridValidRowModel>({
  label,
  records,
  columns,
  extras,
  chosen,
  onChosen,
  onOpen,
}: Props<R>) {
  const nonce = useNonce();
  const byTouch = useMediaQuery("(pointer: coarse)");
  const [hidden, setHidden] = useState<Record<string, boolean>>(() =>
    Object.fromEntries(extras.map((field) => [field, false])),
  );
  const all: GridColDef<R>[] = [
    {
      field: "name",
      headerName: sheetTableTexts.name,
      width: 236,
      hideable: false,
      valueGetter: (_, { sheet }) => sheet.name,
      renderCell: ({ row, tabIndex }) => (
        <button
          type="button"
          title={visible(row.sheet.name)}
          tabIndex={tabIndex}
          onClick={() => onOpen(row.id)}
          style={{
            border: 0,
            background: "none",
            padding: 0,
            font: "inherit",
            fontWeight: 600,
            color: "inherit",
            cursor: "pointer",
            textAlign: "left",
            minHeight: byTouch ? 46 : 34,
            minWidth: 44,
            maxWidth: "100%",
            overflow: "hidden",
            textOverflow: "ellipsis",
            textDecoration: row.retired ? "line-through" : undefined,
          }}
        >
          {visible(row.sheet.name)}
          {row.retired ? sheetTableTexts.archived : ""}
        </button>
      ),
    },
    ...columns,
    {
      field: "usedBy",
      headerName: sheetTableTexts.usedBy,
      width: 78,
      type: "number",
      valueGetter: (_, { usedBy }) => usedBy.length,
      valueFormatter: (value: number) => (value === 0 ? "–" : counted(value, "plan")),
    },
  ];
  const rows = useMemo(() => [...records], [records]);
  const selection: GridRowSelectionModel = { type: "include", ids: new Set(chosen) };
  return (
    <DataGrid
      aria-label={label}
      rows={rows}
      columns={all}
      nonce={nonce}
      density={byTouch ? "standard" : "compact"}
      disableColumnMenu
      showToolbar
      checkboxSelection
      disableRowSelectionOnClick
      hideFooter={records.length <= 100}
      pageSizeOptions={[100]}
      columnVisibilityModel={hidden}
      onColumnVisibilityModelChange={setHidden}
      rowSelectionModel={selection}
      onRowSelectionModelChange={({ type, ids }) =>
        onChosen(type === "include" ? [...ids].map(String) : records.map(({ id }) => id).filter((id) => !ids.has(id)))
      }
      onCellKeyDown={({ id, field }, event) => {
        if (event.key === "Enter" && field !== "__check__") onOpen(String(id));
      }}
      slotProps={{
        toolbar: { csvOptions: { disableToolbarButton: true }, printOptions: { disableToolbarButton: true } },
      }}
      localeText={{
        noRowsLabel: sheetTableTexts.nothingHereYetEnterOneOrImportA,
        toolbarQuickFilterPlaceholder: sheetTableTexts.searchAnyWordOrNumber,
      }}
      sx={{
        border: 0,
        fontSize: "0.875rem",
        "--DataGrid-containerBackground": "var(--paper)",
        "--DataGrid-rowBorderColor": "var(--line)",
        fontVariantNumeric: "tabular-nums",
        "& .MuiDataGrid-columnHeader, & .MuiDataGrid-cell": { px: 0.75 },
        "& .MuiDataGrid-columnSeparator": { color: "var(--line)" },
        "@media (pointer: coarse)": {
          "& .MuiDataGrid-cellCheckbox, & .MuiDataGrid-columnHeaderCheckbox": { p: 0 },
          "& .MuiCheckbox-root": { width: 46, height: 46, flexShrink: 0 },
        },
        "& .MuiDataGrid-columnHeaderTitle": { fontWeight: 700 },
        "& .MuiDataGrid-cell:focus, & .MuiDataGrid-columnHeader:focus": { outlineOffset: -3 },
      }}
    />
  );
}

/** Drawn again only when its own rows or ticks change: a table of thousands must not be, for every word of progress beside it. */
export const SheetTable = memo(Table) as typeof Table;
