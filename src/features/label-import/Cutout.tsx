import { type PhotoRead } from "@/api";
import { type PhotoMark } from "@/core/panels/label-import/photo";
import { cutoutTexts } from "@/messages/en/label-import/view";

/** The piece of the photo a value was read from, as high as a line of text or two. */
export function Cutout({ shown, mark }: { readonly shown: PhotoRead["shown"]; readonly mark: PhotoMark }) {
  const { x0, y0, x1, y1 } = mark.box;
  const rim = 0.45 * (y1 - y0);
  // as far to the right as a unit reaches
  const [wide, high] = [x1 - x0 + 9 * rim, y1 - y0 + 2 * rim];
  return (
    <svg
      role="img"
      aria-label={cutoutTexts.partOfThePhotoThatSaysText(mark.text)}
      viewBox={`${x0 - 2 * rim} ${y0 - rim} ${wide} ${high}`}
      style={{
        height: 34,
        width: Math.min(230, (34 * wide) / high),
        display: "block",
        border: "1px solid var(--line)",
      }}
    >
      <image href={`data:image/jpeg;base64,${shown.jpeg}`} width={shown.width} height={shown.height} />
    </svg>
  );
}

/** A value as it was read, its unsure characters marked. */
export function UnsureText({ mark }: { readonly mark: PhotoMark }) {
  if (mark.unsure.length === 0) return null;
  return (
    <span style={{ whiteSpace: "nowrap" }}>
      <span className="visually-hidden">{cutoutTexts.notSureOf} </span>
      {[...mark.text].map((c, k) =>
        mark.unsure.includes(k) ? (
          <mark
            key={k}
            style={{ background: "none", color: "inherit", borderBottom: "3px dotted var(--care)", fontWeight: 700 }}
          >
            {c}
          </mark>
        ) : (
          <span key={k}>{c}</span>
        ),
      )}
    </span>
  );
}
