import { PracticeView } from "@/features/practice";

export const metadata = { title: "Practice: Golden Array" };

export default function PracticePage() {
  return <PracticeView />;
}
