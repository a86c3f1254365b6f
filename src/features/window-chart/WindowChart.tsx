"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { memo, useCallback, useEffect, useRef, useState } from "react";
import { type InputWindow } from "@/core/engine/pv-input";
import { type ChartPart } from "@/core/checks";
import { type SkyView } from "@/core/assessment";
import { type SkyName, skyNames } from "@/core/engine/sky";
import { Table, useWidth } from "@/ui";
import { amount } from "@/messages/en";
import { Drawing } from "./Drawing";
import { curveRows, saveCsv, saveNetlist, saveSvg } from "./save-files";
import style from "./window-chart.module.css";
import { bindingWords, operatingSentence, skyWords } from "@/messages/en/window-chart/operating";
import { windowChartTexts } from "@/messages/en/window-chart/view";

type Props = {
  readonly window: InputWindow | null;
  readonly skies: Readonly<Record<SkyName, SkyView>> | null;
  readonly chosen: SkyName;
  /** what a rule pointed at speaks of */
  readonly lit: ChartPart;
  readonly height: number;
  /** Writes the array under the chosen sky for a circuit simulator, where there is an array. */
  readonly netlist?: () => Promise<string>;
};

/** The window chart with its running sentence, table view and files. */
function Chart({ window, skies, chosen, lit, height, netlist }: Props) {
  const holder = useRef<HTMLDivElement>(null);
  const drawing = useRef<SVGSVGElement>(null);
  const width = useWidth(holder, 700);
  const [asTable, setAsTable] = useState(false);
  const states = skies === null ? [] : skyNames.map((name) => skies[name]);
  const operating = skies?.[chosen].operating ?? null;
  const latest = useRef({ states, netlist });
  useEffect(() => {
    latest.current = { states, netlist };
  });
  const save = useCallback((what: FileKind) => {
    if (what === "csv") void saveCsv(latest.current.states);
    else if (what === "svg" && drawing.current !== null) saveSvg(drawing.current);
    else if (what === "spice") void latest.current.netlist?.().then(saveNetlist);
  }, []);
  return (
    <div data-testid="window-chart">
      <div ref={holder} className={style["drawing"]}>
        {asTable ? (
          <SkyTable states={states} height={height} />
        ) : (
          <Drawing
            ref={drawing}
            window={window}
            skies={skies}
            chosen={chosen}
            lit={lit}
            width={width}
            height={height}
          />
        )}
      </div>
      <div className={style["foot"]}>
        <div data-testid="running" className={style["running"]}>
          {skies !== null && operating !== null && (
            <>
              <strong>{skyWords[chosen]}:</strong>{" "}
              {skies[chosen].sky.irradianceWm2 > 0
                ? operatingSentence(operating, skies[chosen].array.mpp.p)
                : windowChartTexts.theSunIsDown0W}
            </>
          )}
        </div>
        {states.length > 0 && (
          <Tools asTable={asTable} onTable={setAsTable} withNetlist={netlist !== undefined} save={save} />
        )}
      </div>
    </div>
  );
}

/** Drawn at every verdict; not when something else on the step changes. */
const WindowChart = memo(
  Chart,
  (a, b) =>
    a.window === b.window && a.skies === b.skies && a.chosen === b.chosen && a.lit === b.lit && a.height === b.height,
);
export default WindowChart;

type FileKind = "csv" | "svg" | "spice";
type ToolsProps = {
  readonly asTable: boolean;
  readonly onTable: (asTable: boolean) => void;
  readonly withNetlist: boolean;
  readonly save: (what: FileKind) => void;
};

const Tools = memo(function Tools({ asTable, onTable, withNetlist, save }: ToolsProps) {
  return (
    <div className={style["tools"]}>
      <Button size="small" aria-pressed={asTable} onClick={() => onTable(!asTable)}>
        {asTable ? windowChartTexts.drawing : windowChartTexts.table}
      </Button>
      <Button size="small" onClick={() => save("csv")} aria-label={windowChartTexts.exportTheCurvesAsCsv}>
        {windowChartTexts.csv}
      </Button>
      <Button
        size="small"
        disabled={asTable}
        onClick={() => save("svg")}
        aria-label={windowChartTexts.exportTheDrawingAsSvg}
      >
        {windowChartTexts.svg}
      </Button>
      {withNetlist && (
        <Button size="small" onClick={() => save("spice")} aria-label={windowChartTexts.exportTheArrayAsASpiceNetlist}>
          {windowChartTexts.spice}
        </Button>
      )}
    </div>
  );
});

/** The same facts as numbers: one row a sky, then the curves. */
function SkyTable({ states, height }: { states: readonly SkyView[]; height: number }) {
  return (
    <Box
      sx={{ height, overflow: "auto", p: 1.5 }}
      tabIndex={0}
      role="region"
      aria-label={windowChartTexts.windowChartAsATable}
    >
      <Table
        figures
        dense
        head={[
          windowChartTexts.conditions,
          windowChartTexts.voc,
          windowChartTexts.isc,
          windowChartTexts.vmp,
          windowChartTexts.pmax,
          windowChartTexts.operatingPoint,
          windowChartTexts.harvest,
          windowChartTexts.limitedBy,
        ]}
      >
        <tbody>
          {states.map(({ sky, array, operating, openV }) => (
            <tr key={sky.name}>
              <th scope="row">{skyWords[sky.name]}</th>
              <td>
                {amount(openV, "V")}
                {amount(openV, "V") !== amount(array.vocV, "V") && (
                  <div>{windowChartTexts.curveWithAllSwitchedOnVocV(amount(array.vocV, "V"))}</div>
                )}
              </td>
              <td>{amount(array.iscA, "A")}</td>
              <td>{amount(array.mpp.v, "V")}</td>
              <td>{amount(array.mpp.p, "W")}</td>
              <td>{operating === null ? "–" : amount(operating.v, "V")}</td>
              <td>{operating === null ? "–" : amount(operating.p, "W")}</td>
              <td>{operating === null ? "–" : bindingWords[operating.limitedBy]}</td>
            </tr>
          ))}
        </tbody>
      </Table>
      <Box sx={{ mt: 2 }}>
        <Table
          figures
          dense
          head={[windowChartTexts.conditions, windowChartTexts.volts, windowChartTexts.amps, windowChartTexts.watts]}
        >
          <tbody>
            {curveRows(states)
              .filter((_, k) => k % 7 === 0)
              .map((row) => (
                <tr key={`${row.sky}${row.volts}`}>
                  <th scope="row">{row.sky}</th>
                  <td>{amount(row.volts, "V")}</td>
                  <td>{amount(row.amps, "A")}</td>
                  <td>{amount(row.watts, "W")}</td>
                </tr>
              ))}
          </tbody>
        </Table>
      </Box>
    </Box>
  );
}
