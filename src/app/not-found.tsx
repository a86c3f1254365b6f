import Link from "next/link";

export default function NotFoundPage() {
  return (
    <main style={{ maxWidth: 560, margin: "15vh auto", padding: 16 }}>
      <h1>There is no such page</h1>
      <p>The plan may have been deleted, or the address mistyped.</p>
      <p>
        <Link href="/" style={{ color: "inherit" }}>
          All plans
        </Link>
      </p>
    </main>
  );
}
