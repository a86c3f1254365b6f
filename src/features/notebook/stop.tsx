"use client";

import dynamic from "next/dynamic";
import { type StopModule } from "@/features/desk";
import { stopNames } from "@/words";
import { type NotebookStop } from "./pages";

const Page = dynamic(() => import("./NotebookStop").then(({ NotebookStop: View }) => View));

/** A stop that is kept by hand until it reckons. */
export function notebookStop(id: NotebookStop): StopModule {
  return {
    id,
    name: stopNames[id],
    View: () => <Page stop={id} />,
    loadPrint: async () => {
      const { NotebookPrint } = await import("./NotebookPrint");
      return () => <NotebookPrint stop={id} />;
    },
    built: false,
    state: ({ notes }) => (notes[id].trim() === "" ? "empty" : "notes"),
  };
}
