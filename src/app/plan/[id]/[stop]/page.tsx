import { notFound } from "next/navigation";
import { stops } from "@/core/plan";
import { StopView } from "./StopView";

export default async function StopPage({ params }: { params: Promise<{ stop: string }> }) {
  const { stop } = await params;
  if (!stops.some((each) => each === stop)) notFound();
  return <StopView id={stop} />;
}
