import { preload } from "react-dom";
import { StopView } from "./StopView";

export default async function StopPage({ params }: { params: Promise<{ id: string; stop: string }> }) {
  const { id, stop } = await params;
  // ten thousand of them take their time: asked for while the page's own code is still on its way
  if (stop === "log")
    preload(`/api/plans/${encodeURIComponent(id)}/readings`, { as: "fetch", crossOrigin: "anonymous" });
  return <StopView id={stop} />;
}
