"use client";

import Box from "@mui/material/Box";
import { useState } from "react";
import { type Surface } from "@/core/plan";
import { panelsOn } from "@/core/layout/roof";
import { parkedIn } from "@/core/plan-model";
import {
  cutList,
  drawSurface,
  type Paper,
  papers,
  planSheet,
  type Sheet,
  sheetSvg,
  templateSheets,
} from "@/core/drawings";
import { positionIdOf, useDeskState, usePlan } from "@/features/plan-session";
import { ChoiceField, nameForFile, downloadFile, Region, sheetsAsPdf, TextButton, useUnits, SvgPicture } from "@/ui";
import { amount, counted } from "@/messages/en";
import { Quantity } from "../Quantity";
import style from "../space.module.css";
import { sheetsTexts } from "@/messages/en/layout/sheets";

/** What is taken up the ladder: the drawing to scale, the template at true size, the cut list. */
export function Sheets() {
  const plan = usePlan();
  const { surfaces } = plan.space;
  const [surfaceId, setSurfaceId] = useState<string | null>(null);
  const surface = surfaces.find(({ id }) => id === surfaceId) ?? surfaces[0];
  if (surface === undefined) return <p>{sheetsTexts.drawARoofFirstItsDrawingsAnd}</p>;
  return (
    <>
      {surfaces.length > 1 && (
        <Box sx={{ display: "flex", flexWrap: "wrap", gap: 0.5, mb: 1 }} role="group" aria-label={sheetsTexts.surfaces}>
          {surfaces.map(({ id, name }) => (
            <TextButton key={id} aria-pressed={id === surface.id} onClick={() => setSurfaceId(id)}>
              {name}
            </TextButton>
          ))}
        </Box>
      )}
      <SheetsOf key={surface.id} surface={surface} />
    </>
  );
}

function SheetsOf({ surface }: { readonly surface: Surface }) {
  const plan = usePlan();
  const system = useUnits();
  const positionId = useDeskState(positionIdOf);
  const [paper, setPaper] = useState<Paper>("a4");
  const [what, setWhat] = useState<"holes" | "all">("holes");
  const [barMm, setBarMm] = useState(3000);
  // mm without a unit and without decimals: a rule has no others
  const mm = (value: number) => String(Math.round(value));
  const panels = panelsOn(plan, surface, positionId, parkedIn(plan));
  const drawing = drawSurface(plan, surface, panels);
  const title = `${plan.name}: ${surface.name}`;
  const sheet = planSheet(title, drawing, paper, mm);
  const template = templateSheets(title, drawing, paper, what, mm);
  const cuts = cutList(plan, panels, barMm);
  const fileName = (kind: string) => `${nameForFile(surface.name)}-${kind}`;
  const pdf = async (sheets: readonly Sheet[], kind: string) => {
    downloadFile(`${fileName(kind)}.pdf`, "application/pdf", await sheetsAsPdf(sheets));
  };
  const dxf = async () => {
    const { drawingDxf } = await import("./dxf");
    downloadFile(`${fileName("drawing")}.dxf`, "image/vnd.dxf", drawingDxf(drawing));
  };
  return (
    <Box
      sx={{
        display: "grid",
        gap: 2,
        gridTemplateColumns: { xs: "minmax(0, 1fr)", md: "minmax(0, 1fr) 380px" },
        alignItems: "start",
      }}
    >
      {/* as a picture, in which nothing a name might hold could run */}
      <SvgPicture
        className={style["sheet"]}
        svg={sheetSvg(sheet)}
        alt={sheetsTexts.drawingOfNameToScaleWith(surface.name)}
      />
      <Box sx={{ display: "grid", gap: 2 }}>
        <Region title={sheetsTexts.paperSize}>
          <ChoiceField
            label={sheetsTexts.paperSize}
            value={paper}
            options={(Object.keys(papers) as Paper[]).map((value) => ({ value, text: papers[value].name }))}
            onChoice={setPaper}
          />
        </Region>
        <Region title={sheetsTexts.drawingToScale}>
          <p style={{ marginTop: 0 }}>{sheetsTexts.eachPositionIsMeasuredFromBoth}</p>
          <Box sx={{ display: "flex", gap: 0.5, flexWrap: "wrap" }}>
            <TextButton look="amber" onClick={() => void pdf([sheet], "drawing")}>
              {sheetsTexts.pdf}
            </TextButton>
            <TextButton onClick={() => downloadFile(`${fileName("drawing")}.svg`, "image/svg+xml", sheetSvg(sheet))}>
              {sheetsTexts.svg}
            </TextButton>
            <TextButton onClick={() => void dxf()}>{sheetsTexts.dxfTrueSize}</TextButton>
          </Box>
        </Region>
        <Region title={sheetsTexts.drillTemplateTrueSize}>
          <Box sx={{ display: "flex", gap: 0.5, flexWrap: "wrap", mb: 1 }}>
            <TextButton aria-pressed={what === "holes"} onClick={() => setWhat("holes")}>
              {sheetsTexts.holesOnly}
            </TextButton>
            <TextButton aria-pressed={what === "all"} onClick={() => setWhat("all")}>
              {sheetsTexts.alsoCornersOfPanels}
            </TextButton>
          </Box>
          {template.sheets.length === 0 ? (
            <p style={{ margin: 0 }}>{sheetsTexts.noHolesToDrillHereAddAGlandToThe}</p>
          ) : (
            <>
              <p style={{ margin: "0 0 8px" }}>
                {sheetsTexts.sheetCountOfName(counted(template.sheets.length, "page"), papers[paper].name)}
                {template.leftOut > 0
                  ? sheetsTexts.leftOutLeftOutTooManyToTape(counted(template.leftOut, "more page"))
                  : ""}
                {sheetsTexts.printAt100CheckThe100MmRulerWith}
              </p>
              <TextButton look="amber" onClick={() => void pdf(template.sheets, "template")}>
                {sheetsTexts.templateAsPdf}
              </TextButton>
            </>
          )}
        </Region>
        <Region title={sheetsTexts.cutList}>
          <Quantity
            label={sheetsTexts.stockLengthOfRail}
            spec="surfaceMm"
            value={barMm}
            onValue={setBarMm}
            help={sheetsTexts.stockLengthOfRailHelp}
          />
          {cuts.rails.length === 0 ? (
            <p>{sheetsTexts.noPanelsPlacedHereYet}</p>
          ) : (
            <>
              <ul className={style["list"]} aria-label={sheetsTexts.railsToCut}>
                {cuts.rails.map(({ lengthMm, count, of }) => (
                  <li key={of}>
                    <span className="num">
                      {count} × {amount(lengthMm, "mm", system)}
                    </span>
                    <span style={{ flex: 1 }}>{sheetsTexts.acrossUnderPanel(of)}</span>
                  </li>
                ))}
              </ul>
              <p style={{ margin: "8px 0 0" }}>
                {counted(cuts.bars.length, "rail")}:{" "}
                {cuts.bars
                  .map(({ cutsMm, leftMm }) => sheetsTexts.cutsMmLeftMmLeftOver(cutsMm.join(" + "), Math.round(leftMm)))
                  .join("; ")}
                .{cuts.tooLong > 0 ? sheetsTexts.tooLongLongerThanTheStockLength(counted(cuts.tooLong, "piece")) : ""}{" "}
                {sheetsTexts.orBracketsInsteadOfRails(counted(cuts.brackets, "bracket"))}
              </p>
            </>
          )}
        </Region>
        <p style={{ margin: 0, fontSize: "0.8125rem" }}>{sheetsTexts.drillOnlyWhereYouCanSeeBothSides}</p>
      </Box>
    </Box>
  );
}
