import { notFound } from "next/navigation";
import { planSteps } from "@/core/plan";
import { StepView } from "./StepView";

export default async function StepPage({ params }: { params: Promise<{ step: string }> }) {
  const { step } = await params;
  if (!planSteps.some((each) => each === step)) notFound();
  return <StepView id={step} />;
}
