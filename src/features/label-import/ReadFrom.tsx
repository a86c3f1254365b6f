import { type PanelSheet } from "@/core/plan";
import { readFromSentence } from "@/messages/en";
import { readFromTexts } from "@/messages/en/label-import/view";

/** How a label's numbers came in, with the photo where it was kept. */
export function ReadFrom({ from }: { readonly from: PanelSheet["readFrom"] }) {
  if (from === undefined) return null;
  return (
    <p style={{ margin: "0 0 8px", fontSize: "0.875rem" }}>
      {readFromSentence(from)}
      {from.photoId !== null && (
        <>
          {" "}
          <a href={`/api/photos/${from.photoId}`} target="_blank" rel="noreferrer">
            {readFromTexts.photo}
          </a>
        </>
      )}
    </p>
  );
}
