import Link from "next/link";
import { notFoundTexts } from "@/messages/en/app/view";

export default function NotFoundPage() {
  return (
    <main style={{ maxWidth: 560, margin: "15vh auto", padding: 16 }}>
      <h1>{notFoundTexts.pageNotFound}</h1>
      <p>{notFoundTexts.thePlanHasBeenDeletedOrThe}</p>
      <p>
        <Link href="/" style={{ color: "inherit" }}>
          {notFoundTexts.allPlans}
        </Link>
      </p>
    </main>
  );
}
