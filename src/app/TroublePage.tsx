import Link from "next/link";
import { type ReactNode } from "react";
import { TextButton } from "@/ui";
import { troublePageTexts } from "@/messages/en/app/view";

type Props = {
  readonly words: string;
  /** Where, or how, one tries again. */ readonly again: string | (() => void);
  readonly title?: string;
  /** Another way out. */ readonly children?: ReactNode;
};

/** What keeps the page from being made, and a way to try again. */
export function TroublePage({ words, again, title = troublePageTexts.yourPlansAreNotAvailableNow, children }: Props) {
  return (
    <main data-ready="true" style={{ maxWidth: 640, margin: "15vh auto", padding: 16 }}>
      <h1>{title}</h1>
      <p role="alert" style={{ overflowWrap: "anywhere" }}>
        {words}
      </p>
      {children}
      <p>{troublePageTexts.unsavedTextIsStoredInTheBrowser}</p>
      <p>
        {typeof again === "string" ? (
          <Link href={again} prefetch={false}>
            {troublePageTexts.tryAgain}
          </Link>
        ) : (
          <TextButton onClick={again}>{troublePageTexts.tryAgain}</TextButton>
        )}
      </p>
    </main>
  );
}
