"use client";

import Box from "@mui/material/Box";
import { usePlan, useDesk } from "@/features/plan-session";
import { TextButton } from "@/ui";
import { type CornerOf, cornersChange, cornersOf } from "../chosen";
import { Quantity } from "../Quantity";

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
      <summary>{corners.length} corners, by numbers</summary>
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
                label={`${at + 1}, from the left`}
                spec="placeMm"
                value={xMm}
                onValue={(next) => put({ xMm: next, yMm }, "x")}
                help="Of this corner."
              />
              <Quantity
                label={`${at + 1}, from the back`}
                spec="placeMm"
                value={yMm}
                onValue={(next) => put({ xMm, yMm: next }, "y")}
                help="Of this corner."
              />
              <Box sx={{ display: "flex", gap: 0.5 }}>
                <TextButton
                  look="plain"
                  disabled={corners.length >= most}
                  onClick={() => addAfter(at)}
                  aria-label={`A corner after ${at + 1}`}
                >
                  +
                </TextButton>
                <TextButton
                  look="plain"
                  disabled={corners.length <= least}
                  onClick={() => set(corners.filter((_, k) => k !== at))}
                  aria-label={`Take corner ${at + 1} away`}
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
