import Link from "next/link";
import { type ReactNode } from "react";
import { TextButton } from "@/ui";

type Props = {
  readonly words: string;
  /** Where, or how, one tries again. */ readonly again: string | (() => void);
  readonly title?: string;
  /** Another way out. */ readonly children?: ReactNode;
};

/** What keeps the page from being made, and a way to try again. */
export function TroublePage({ words, again, title = "Your plans cannot be reached now", children }: Props) {
  return (
    <main data-ready="true" style={{ maxWidth: 640, margin: "15vh auto", padding: 16 }}>
      <h1>{title}</h1>
      <p role="alert" style={{ overflowWrap: "anywhere" }}>
        {words}
      </p>
      {children}
      <p>Anything typed and not yet saved is kept in the browser it was typed in, if that may keep anything.</p>
      <p>
        {typeof again === "string" ? (
          <Link href={again} prefetch={false}>
            Try again
          </Link>
        ) : (
          <TextButton onClick={again}>Try again</TextButton>
        )}
      </p>
    </main>
  );
}
