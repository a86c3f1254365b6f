"use client";

import Box from "@mui/material/Box";
import { usePlan, useDesk } from "@/features/plan-session";
import { TextButton } from "@/ui";
import { type CornerOf, cornersChange, cornersOf } from "../chosen";
import { Quantity } from "../Quantity";
import { cornersFormTexts } from "@/messages/en/layout/forms";

type Props = { readonly of: Omit<CornerOf, "at">; readonly least: number; readonly most: number };

/** The corners of an outline or a way, by their numbers; they can be dragged on the drawing too. */
export function CornersForm({ of, least, most }: Props) {
  const desk = useDesk();
  const corners = cornersOf(usePlan(), of);
  const set = (next: typeof corners, how?: string) =>
    desk.change(cornersChange(of, next), how && `space:${of.list}:${of.id}:${how}`);
  const addAfter = (at: number) => {
    const [a, b] = [corners[at], corners[(at + 1) % corners.length]];
    if (a === undefined || b === undefined) return;
    const between = { xMm: Math.round((a.xMm + b.xMm) / 2), yMm: Math.round((a.yMm + b.yMm) / 2) };
    const isLast = of.list === "ways" && at === corners.length - 1;
    set([...corners.slice(0, at + 1), isLast ? { xMm: a.xMm + 300, yMm: a.yMm } : between, ...corners.slice(at + 1)]);
  };
  return (
    <Box
      component="details"
      sx={{ "& summary": { cursor: "pointer", minHeight: 44, display: "flex", alignItems: "center" } }}
    >
      <summary>{cornersFormTexts.cornerCountCornersAsNumbers(corners.length)}</summary>
      <Box sx={{ display: "grid", gap: 1 }}>
        {corners.map(({ xMm, yMm }, at) => {
          const put = (corner: { xMm: number; yMm: number }, how: string) =>
            set(
              corners.map((each, k) => (k === at ? corner : each)),
              `${at}:${how}`,
            );
          return (
            <Box key={at} sx={{ display: "grid", gap: 0.5, gridTemplateColumns: "1fr 1fr auto", alignItems: "end" }}>
              <Quantity
                label={cornersFormTexts.atFromTheLeft(at + 1)}
                spec="placeMm"
                value={xMm}
                onValue={(next) => put({ xMm: next, yMm }, "x")}
                help={cornersFormTexts.positionOfThisCorner}
              />
              <Quantity
                label={cornersFormTexts.atFromTheBack(at + 1)}
                spec="placeMm"
                value={yMm}
                onValue={(next) => put({ xMm, yMm: next }, "y")}
                help={cornersFormTexts.positionOfThisCorner}
              />
              <Box sx={{ display: "flex", gap: 0.5 }}>
                <TextButton
                  look="plain"
                  disabled={corners.length >= most}
                  onClick={() => addAfter(at)}
                  aria-label={cornersFormTexts.addACornerAfterAt(at + 1)}
                >
                  +
                </TextButton>
                <TextButton
                  look="plain"
                  disabled={corners.length <= least}
                  onClick={() => set(corners.filter((_, k) => k !== at))}
                  aria-label={cornersFormTexts.deleteCornerAt(at + 1)}
                >
                  −
                </TextButton>
              </Box>
            </Box>
          );
        })}
      </Box>
    </Box>
  );
}
