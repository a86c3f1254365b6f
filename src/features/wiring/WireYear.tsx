"use client";

import Box from "@mui/material/Box";
import Link from "next/link";
import { useParams } from "next/navigation";
import { inAll } from "@/core/wiring/year";
import { useDeskState, wiringOf } from "@/features/plan-session";
import { useRestedPlan, useYear, worstMonth, YearStrip } from "@/features/year";
import { wireYearTexts } from "@/messages/en/wiring/view";
import { commonTexts } from "@/messages/en/common/view";

/** Beside the board a first answer will do while somebody works at it, ms. */
const wholeAfterMs = 1500;

/** The year of the wiring on the board, as a strip; the whole of it has a tab of its own. */
export function WireYear() {
  const plan = useRestedPlan();
  const wiringId = useDeskState((state) => wiringOf(state).id);
  const { id } = useParams<{ id: string }>();
  const { year, settled, fault } = useYear(plan, wiringId, wholeAfterMs);
  const worst = year === null ? null : worstMonth(year);
  return (
    <Box sx={{ display: "flex", gap: 1.5, alignItems: "center", minHeight: 44, flexWrap: "wrap" }}>
      {year === null ? (
        <span>{fault === null ? wireYearTexts.calculatingTheYear : commonTexts.couldNotCalculateYear(fault)}</span>
      ) : (
        <>
          <YearStrip year={year} />
          <Box component="span" sx={{ flex: "1 1 220px" }} className="num">
            {settled ? "" : wireYearTexts.about}
            <strong>{wireYearTexts.takenKwhKWh(inAll(year.months).takenKwh.toFixed(0))}</strong>{" "}
            {wireYearTexts.aYearHarvestedLowestMonth} {worst?.name}: {worst?.takenKwh.toFixed(1)} {wireYearTexts.kWh}
            {year.source.type === "assumed" && <> {wireYearTexts.climateAssumedKindName(year.source.kindName)}</>}
          </Box>
        </>
      )}
      <Link
        href={`/plan/${id}/wiring#year`}
        style={{ color: "inherit", whiteSpace: "nowrap", display: "inline-flex", alignItems: "center", minHeight: 44 }}
      >
        {wireYearTexts.year}
      </Link>
    </Box>
  );
}
