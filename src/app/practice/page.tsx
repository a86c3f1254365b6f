import { PracticeView } from "@/features/practice";

export default function PracticePage() {
  return <PracticeView />;
}
