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
import { poseIdOf, useDeskState, usePlan } from "@/features/plan-session";
import { ChoiceField, nameForFile, downloadFile, Region, sheetsAsPdf, TextButton, useUnits, SvgPicture } from "@/ui";
import { amount, counted } from "@/messages/en";
import { Quantity } from "../Quantity";
import style from "../space.module.css";

/** What is taken up the ladder: the drawing to scale, the template at true size, the cut list. */
export function Sheets() {
  const plan = usePlan();
  const { surfaces } = plan.space;
  const [surfaceId, setSurfaceId] = useState<string | null>(null);
  const surface = surfaces.find(({ id }) => id === surfaceId) ?? surfaces[0];
  if (surface === undefined) return <p>Draw a roof first: then its sheets are here.</p>;
  return (
    <>
      {surfaces.length > 1 && (
        <Box sx={{ display: "flex", flexWrap: "wrap", gap: 0.5, mb: 1 }} role="group" aria-label="Surfaces">
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
  const poseId = useDeskState(poseIdOf);
  const [paper, setPaper] = useState<Paper>("a4");
  const [what, setWhat] = useState<"holes" | "all">("holes");
  const [barMm, setBarMm] = useState(3000);
  // mm without a unit and without decimals: a rule has no others
  const mm = (value: number) => String(Math.round(value));
  const panels = panelsOn(plan, surface, poseId, parkedIn(plan));
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
        alt={`Drawing of ${surface.name} to scale, with distances from all four edges`}
      />
      <Box sx={{ display: "grid", gap: 2 }}>
        <Region title="Paper">
          <ChoiceField
            label="Paper"
            value={paper}
            options={(Object.keys(papers) as Paper[]).map((value) => ({ value, text: papers[value].name }))}
            onChoice={setPaper}
          />
        </Region>
        <Region title="Drawing to scale">
          <p style={{ marginTop: 0 }}>
            Each edge is measured from both sides: the two numbers of a line add up to the roof, so that a wrong one
            shows.
          </p>
          <Box sx={{ display: "flex", gap: 0.5, flexWrap: "wrap" }}>
            <TextButton look="amber" onClick={() => void pdf([sheet], "drawing")}>
              PDF
            </TextButton>
            <TextButton onClick={() => downloadFile(`${fileName("drawing")}.svg`, "image/svg+xml", sheetSvg(sheet))}>
              SVG
            </TextButton>
            <TextButton onClick={() => void dxf()}>DXF, true size</TextButton>
          </Box>
        </Region>
        <Region title="Drill template, true size">
          <Box sx={{ display: "flex", gap: 0.5, flexWrap: "wrap", mb: 1 }}>
            <TextButton aria-pressed={what === "holes"} onClick={() => setWhat("holes")}>
              Holes only
            </TextButton>
            <TextButton aria-pressed={what === "all"} onClick={() => setWhat("all")}>
              Corners of panels too
            </TextButton>
          </Box>
          {template.sheets.length === 0 ? (
            <p style={{ margin: 0 }}>
              No hole is to be cut here: put a gland on the drawing, or take the corners of the panels.
            </p>
          ) : (
            <>
              <p style={{ margin: "0 0 8px" }}>
                {counted(template.sheets.length, "sheet")} of {papers[paper].name}
                {template.leftOut > 0 ? `; ${counted(template.leftOut, "more sheet")} would be too many to glue` : ""}.
                Print at 100 %, lay a rule on the check ruler, glue them by their corners.
              </p>
              <TextButton look="amber" onClick={() => void pdf(template.sheets, "template")}>
                Template as PDF
              </TextButton>
            </>
          )}
        </Region>
        <Region title="Cut list">
          <Quantity label="Bars are long" spec="surfaceMm" value={barMm} onValue={setBarMm} help="As they are sold." />
          {cuts.rails.length === 0 ? (
            <p>Nothing lies here yet.</p>
          ) : (
            <>
              <ul className={style["list"]} aria-label="Rails to cut">
                {cuts.rails.map(({ lengthMm, count, of }) => (
                  <li key={of}>
                    <span className="num">
                      {count} × {amount(lengthMm, "mm", system)}
                    </span>
                    <span style={{ flex: 1 }}>across under {of}</span>
                  </li>
                ))}
              </ul>
              <p style={{ margin: "8px 0 0" }}>
                {counted(cuts.bars.length, "bar")}:{" "}
                {cuts.bars.map(({ cutsMm, leftMm }) => `${cutsMm.join(" + ")} (${Math.round(leftMm)} left)`).join("; ")}
                .
                {cuts.tooLong > 0
                  ? ` ${counted(cuts.tooLong, "piece")} longer than a bar: join two, or buy longer ones.`
                  : ""}{" "}
                Or {counted(cuts.brackets, "bracket")} instead of rails.
              </p>
            </>
          )}
        </Region>
        <p style={{ margin: 0, fontSize: "0.8125rem" }}>
          Drill from where you can see; stop after the skin and look. Ladders, roofs and skylights: mind what will not
          bear you.
        </p>
      </Box>
    </Box>
  );
}
