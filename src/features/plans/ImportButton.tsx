"use client";

import Button from "@mui/material/Button";
import { type ReactNode, useRef, useState } from "react";
import { maxPlanBytes } from "@/core/plan";
import { importButtonTexts } from "@/messages/en/plans/view";
import { commonTexts } from "@/messages/en/common/view";

type Props = {
  readonly icon: ReactNode;
  readonly onFile: (file: string | Uint8Array<ArrayBuffer>) => Promise<void>;
  readonly onFault: (message: string) => void;
};

/** Reads a plan file. One that is far too large is not even read. */
export function ImportButton({ icon, onFile, onFault }: Props) {
  const picker = useRef<HTMLInputElement>(null);
  const [busy, setBusy] = useState(false);
  const take = async (file: File) => {
    const { isBundle, maxBundleBytes } = await import("@/core/bundle");
    const isZip = isBundle(new Uint8Array(await file.slice(0, 4).arrayBuffer()));
    const maxBytes = isZip ? maxBundleBytes : maxPlanBytes;
    if (file.size > maxBytes) {
      onFault(commonTexts.fileTooLarge(file.name, file.size, maxBytes));
      return;
    }
    setBusy(true);
    await onFile(isZip ? new Uint8Array(await file.arrayBuffer()) : await file.text());
    setBusy(false);
  };
  return (
    <>
      <input
        ref={picker}
        type="file"
        accept=".json,.zip,application/json,application/zip"
        aria-label={importButtonTexts.planFile}
        hidden
        onChange={(event) => {
          const file = event.target.files?.[0];
          // cleared, so that the same file can be chosen again after it was fixed
          event.target.value = "";
          if (file !== undefined) void take(file);
        }}
      />
      <Button variant="outlined" startIcon={icon} disabled={busy} onClick={() => picker.current?.click()}>
        {importButtonTexts.importAPlan}
      </Button>
    </>
  );
}
