"use client";

import { useEffect, useState } from "react";
import { maxLibraryBytes, type Sheets } from "@/core/library";
import { type FileContents, workerClient, type ShelfName } from "@/workers";
import { type ReadFault } from "@/messages/en/library/report";

/** How far the reading of a file has come. */
export type FileRead =
  | { readonly type: "none" }
  | { readonly type: "reading"; readonly fileName: string; readonly rows: number; readonly share: number }
  | {
      readonly type: "refused";
      readonly fileName: string;
      readonly fault: ReadFault;
    }
  | {
      readonly type: "read";
      readonly fileName: string;
      readonly contents: FileContents;
      /** sheets to put in */ readonly fresh: number;
      /** sheets already there, just the same */ readonly known: number;
      readonly keeping: boolean;
      readonly fault: string | null;
    };

type Parts = {
  readonly shelf: ShelfName;
  readonly existing: () => Sheets;
  readonly keep: (sheets: Sheets) => Promise<string | null>;
};

const topic = "library file";

/** Reads files in a worker of their own, which ends when the reading is given up. */
export function useFileRead({ shelf, existing, keep }: Parts) {
  const [reading, setReading] = useState<FileRead>({ type: "none" });
  const [fresh, setFresh] = useState<Sheets>({ panels: [], inputs: [] });
  useEffect(() => () => workerClient().cancel(topic), []);

  const take = async (file: File) => {
    const fileName = file.name;
    if (file.size > maxLibraryBytes)
      return setReading({ type: "refused", fileName, fault: { type: "tooLarge", bytes: file.size } });
    setReading({ type: "reading", fileName, rows: 0, share: 0 });
    const text = await file.text();
    const outcome = await workerClient().ask(
      "readLibrary",
      { text, shelf },
      { topic, queue: "own", progressed: (progress) => setReading({ type: "reading", fileName, ...progress }) },
    );
    if (outcome.type === "cancelled") return;
    if (outcome.type === "failed")
      return setReading({ type: "refused", fileName, fault: { type: "workerEnded", message: outcome.message } });
    const read = outcome.value;
    if (read.type === "fault") return setReading({ type: "refused", fileName, fault: read.fault });
    const news = withoutDuplicates(read.contents.sheets, existing());
    const { panels, inputs } = read.contents.sheets;
    const count = news.panels.length + news.inputs.length;
    setFresh(news);
    setReading({
      type: "read",
      fileName,
      contents: read.contents,
      fresh: count,
      known: panels.length + inputs.length - count,
      keeping: false,
      fault: null,
    });
  };

  return {
    reading,
    take,
    stop: () => {
      workerClient().cancel(topic);
      setReading({ type: "none" });
    },
    keep: async () => {
      setReading((now) => (now.type === "read" ? { ...now, keeping: true } : now));
      const fault = await keep(fresh);
      setReading((now) =>
        fault === null || now.type !== "read" ? { type: "none" } : { ...now, keeping: false, fault },
      );
    },
  };
}

/** Sheets not on the shelf yet, each once. */
export function withoutDuplicates({ panels, inputs }: Sheets, existing: Sheets): Sheets {
  const unseen = <S>(sheets: readonly S[], there: readonly S[]): S[] => {
    const seen = new Set(there.map((sheet) => JSON.stringify(sheet)));
    return sheets.filter((sheet) => {
      const key = JSON.stringify(sheet);
      const isNew = !seen.has(key);
      seen.add(key);
      return isNew;
    });
  };
  return { panels: unseen(panels, existing.panels), inputs: unseen(inputs, existing.inputs) };
}
