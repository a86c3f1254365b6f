"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useState } from "react";
import { type ApiResult, type UnreadableSheet } from "@/api";
import { LevelMark } from "@/ui";
import { unreadableTexts } from "@/messages/en/library/view";

type Props = {
  readonly sheets: readonly UnreadableSheet[];
  readonly onRemove: (id: string, revision: number) => Promise<ApiResult<null>>;
};

/** Sheets that are stored but no longer read: told beside those that do, and left alone unless somebody wants them gone. */
export function Unreadable({ sheets, onRemove }: Props) {
  const [gone, setGone] = useState<readonly string[]>([]);
  const [fault, setFault] = useState<string | null>(null);
  const left = sheets.filter(({ id }) => !gone.includes(id));
  if (left.length === 0) return null;
  const remove = async ({ id, revision }: UnreadableSheet) => {
    const result = await onRemove(id, revision);
    setFault(result.type === "fault" ? result.fault.message : null);
    if (result.type === "ok") setGone([...gone, id]);
  };
  return (
    <Box role="alert" sx={{ display: "grid", gap: 1, borderLeft: "6px double var(--care)", pl: 1.5, py: 0.5 }}>
      {left.map((sheet) => (
        <Box key={sheet.id} sx={{ display: "flex", gap: 1, alignItems: "center", flexWrap: "wrap" }}>
          <LevelMark level="care" />
          <span>{unreadableTexts.nameIsStoredButCannotBeRead(sheet.name, sheet.problem)}</span>
          <Button size="small" variant="outlined" onClick={() => void remove(sheet)}>
            {unreadableTexts.deleteName(sheet.name)}
          </Button>
        </Box>
      ))}
      {fault}
    </Box>
  );
}
