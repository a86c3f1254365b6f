import { notFound } from "next/navigation";
import { stops } from "@/core/plan";
import { StopView } from "./StopView";

export default async function StopPage({ params }: { params: Promise<{ stop: string }> }) {
  const asked = (await params).stop;
  if (!stops.some((stop) => stop === asked)) notFound();
  return <StopView id={asked} />;
}
