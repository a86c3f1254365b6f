import { StopView } from "./StopView";

export default async function StopPage({ params }: { params: Promise<{ stop: string }> }) {
  return <StopView id={(await params).stop} />;
}
