"use client";

import { useEffect, useRef, useState } from "react";
import { mostLibraryBytes, type Sheets } from "@/core/library";
import {
  type FileContents,
  type FileFault,
  letterVersion,
  type ReadAnswer,
  type ReadLetter,
  type ShelfName,
  openLibrarianWorker,
} from "@/workers/librarian";

/** How far the reading of a file has come. */
export type Reading =
  | { readonly type: "none" }
  | { readonly type: "reading"; readonly fileName: string; readonly rows: number; readonly share: number }
  | {
      readonly type: "refused";
      readonly fileName: string;
      readonly fault: FileFault | { readonly type: "tooLarge"; readonly bytes: number };
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

/** Reads files in a worker of their own, which ends when the reading is given up. */
export function useReading({ shelf, existing, keep }: Parts) {
  const [reading, setReading] = useState<Reading>({ type: "none" });
  const [fresh, setFresh] = useState<Sheets>({ panels: [], inputs: [] });
  const worker = useRef<Worker | null>(null);
  const end = () => {
    worker.current?.terminate();
    worker.current = null;
  };
  useEffect(() => end, []);

  const take = async (file: File) => {
    const fileName = file.name;
    if (file.size > mostLibraryBytes)
      return setReading({ type: "refused", fileName, fault: { type: "tooLarge", bytes: file.size } });
    setReading({ type: "reading", fileName, rows: 0, share: 0 });
    const text = await file.text();
    end();
    const slot = openLibrarianWorker();
    worker.current = slot;
    slot.onmessage = ({ data }: MessageEvent<ReadAnswer>) => {
      if (data.type === "progress")
        return setReading({ type: "reading", fileName, rows: data.rows, share: data.share });
      end();
      if (data.type === "fault") return setReading({ type: "refused", fileName, fault: data.fault });
      const news = newOnes(data.contents.sheets, existing());
      const { panels, inputs } = data.contents.sheets;
      const count = news.panels.length + news.inputs.length;
      setFresh(news);
      setReading({
        type: "read",
        fileName,
        contents: data.contents,
        fresh: count,
        known: panels.length + inputs.length - count,
        keeping: false,
        fault: null,
      });
    };
    const letter: ReadLetter = { version: letterVersion, type: "read", text, shelf };
    slot.postMessage(letter);
  };

  return {
    reading,
    take,
    stop: () => {
      end();
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
function newOnes({ panels, inputs }: Sheets, existing: Sheets): Sheets {
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
