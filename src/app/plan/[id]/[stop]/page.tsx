import { notFound } from "next/navigation";
import { stops } from "@/core/plan";
import { InputStop } from "@/features/input";
import { isNotebookStop, NotebookStop } from "@/features/notebook";
import { PanelsStop } from "@/features/panels";
import { WireStop } from "@/features/wire";

export default async function StopPage({ params }: { params: Promise<{ stop: string }> }) {
  const asked = (await params).stop;
  const stop = stops.find((candidate) => candidate === asked);
  if (stop === undefined) notFound();
  if (isNotebookStop(stop)) return <NotebookStop stop={stop} />;
  switch (stop) {
    case "panels":
      return <PanelsStop />;
    case "input":
      return <InputStop />;
    case "wire":
      return <WireStop />;
  }
}
