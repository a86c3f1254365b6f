"use client";

import Box from "@mui/material/Box";
import { useMemo, useState } from "react";
import { type Surface } from "@/core/plan";
import { sizeOf } from "@/core/roof";
import { keyOf } from "@/core/wiring";
import { useDesk, usePlan } from "@/features/desk";
import { NotesField } from "@/features/notebook";
import { LevelMark, newId, Region, TextButton } from "@/ui";
import { counted, monthName } from "@/words";
import { ChosenForm } from "./ChosenForm";
import { type Chosen, Drawing } from "./Drawing";
import { faultWords, pieceName } from "./fault-words";
import { layoutOf, type SunTime, sunAt } from "./layout";
import style from "./space.module.css";
import { obstacleStock } from "./stock";
import { SurfaceForm } from "./SurfaceForm";

/** The roof drawn to scale: what stands on it, the panels, their shadows through the day, and what is wrong with it. */
export function SpaceStop() {
  const desk = useDesk();
  const plan = usePlan();
  const { surfaces, places } = plan.space;
  const [surfaceId, setSurfaceId] = useState<string | null>(null);
  const [chosen, setChosen] = useState<Chosen>(null);
  const [time, setTime] = useState<SunTime>({ month: 6, hour: 10 });
  const surface = surfaces.find(({ id }) => id === surfaceId) ?? surfaces[0];
  const layout = useMemo(
    () => (surface === undefined ? null : layoutOf(plan, surface, time)),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- what a layout depends on; a note typed moves no shadow
    [plan.space, plan.panels, plan.poses, plan.mounts, plan.site, surface, time],
  );
  const laid = new Set(places.map(keyOf));
  const free = plan.panels.flatMap((panel) =>
    panel.pieces.flatMap(({ number: piece }) => {
      const key = keyOf({ panelId: panel.id, piece });
      return laid.has(key) ? [] : [{ key, panelId: panel.id, piece, size: sizeOf(panel) }];
    }),
  );
  const addSurface = () => {
    const id = newId();
    desk.change({ type: "putInSpace", list: "surfaces", item: newSurface(id, surfaces.length) });
    setSurfaceId(id);
  };
  const turnSun = (azimuthDeg: number) => {
    if (layout === null) return;
    setTime((now) => ({ ...now, hour: hourTowards(now, azimuthDeg, layout.sun.azimuthDeg) }));
  };
  const hourTowards = (now: SunTime, wantedDeg: number, shownDeg: number) => {
    const turned = sunAt(plan, now).azimuthDeg - shownDeg;
    const apart = (hour: number) => {
      const { azimuthDeg, elevationDeg } = sunAt(plan, { ...now, hour });
      const round = Math.abs(((azimuthDeg - turned - wantedDeg + 540) % 360) - 180);
      return elevationDeg > 0 ? round : 999;
    };
    return Array.from({ length: 96 }, (_, k) => k / 4).reduce((best, hour) =>
      apart(hour) < apart(best) ? hour : best,
    );
  };
  return (
    <Box
      sx={{
        display: "grid",
        gap: 2,
        gridTemplateColumns: { xs: "minmax(0, 1fr)", md: "250px minmax(0, 1fr) 300px" },
        gridTemplateAreas: { xs: '"paper" "stock" "side"', md: '"stock paper side"' },
        alignItems: "start",
      }}
    >
      <Box sx={{ gridArea: "stock", display: "grid", gap: 2, minWidth: 0, gridTemplateColumns: "minmax(0, 1fr)" }}>
        <Region title="Panels to lay">
          {plan.panels.length === 0 && <p style={{ margin: 0 }}>No panel in this plan yet: see Panels.</p>}
          {plan.panels.length > 0 && free.length === 0 && <p style={{ margin: 0 }}>All of them lie somewhere.</p>}
          <Box sx={{ display: "flex", flexWrap: "wrap", gap: 0.5 }}>
            {free.map(({ key, panelId, piece, size }) => (
              <TextButton
                key={key}
                disabled={surface === undefined || size === null}
                title={size === null ? "Its label states neither size nor watts" : undefined}
                onClick={() => {
                  if (surface === undefined || size === null) return;
                  const [xMm, yMm] = middleOf(surface);
                  desk.change({
                    type: "layPanel",
                    place: { panelId, piece, surfaceId: surface.id, xMm, yMm, turnedDeg: 0, gapMm: 40 },
                  });
                  setChosen({ type: "panel", id: key });
                }}
              >
                {pieceName(plan, key)}
              </TextButton>
            ))}
          </Box>
        </Region>
        <Region title="What stands there">
          <Box sx={{ display: "flex", flexWrap: "wrap", gap: 0.5 }}>
            {obstacleStock.map(({ zMm = 0, ...stocked }) => (
              <TextButton
                key={stocked.kind}
                disabled={surface === undefined}
                onClick={() => {
                  if (surface === undefined) return;
                  const [xMm, yMm] = middleOf(surface);
                  const id = newId();
                  desk.change({
                    type: "putInSpace",
                    list: "obstacles",
                    item: { ...stocked, id, surfaceId: surface.id, xMm, yMm, zMm, planned: false },
                  });
                  setChosen({ type: "obstacle", id });
                }}
              >
                {stocked.name}
              </TextButton>
            ))}
          </Box>
        </Region>
        <Region title="Notes">
          <label htmlFor="space-notes" className="visually-hidden">
            Notes
          </label>
          <NotesField stop="space" id="space-notes" />
        </Region>
      </Box>
      <Box sx={{ gridArea: "paper", minWidth: 0, display: "grid", gap: 1, gridTemplateColumns: "minmax(0, 1fr)" }}>
        <Box sx={{ display: "flex", flexWrap: "wrap", gap: 0.5 }} role="group" aria-label="Surfaces">
          {surfaces.map(({ id, name }) => (
            <TextButton key={id} aria-pressed={id === surface?.id} onClick={() => setSurfaceId(id)}>
              {name}
            </TextButton>
          ))}
          <TextButton look={surfaces.length === 0 ? "amber" : "plain"} onClick={addSurface}>
            {surfaces.length === 0 ? "Draw a roof" : "Another surface"}
          </TextButton>
        </Box>
        {surface === undefined || layout === null ? (
          <p>
            Begin with the roof, the deck or the pitch: its length and width. Then put on it what stands there, and the
            panels. They are drawn to scale, and their shadows move with the sun.
          </p>
        ) : (
          <>
            <Drawing
              plan={plan}
              surface={surface}
              layout={layout}
              chosen={chosen}
              onChoose={setChosen}
              onSun={turnSun}
            />
            <SunSliders time={time} onTime={setTime} elevationDeg={layout.sun.elevationDeg} />
          </>
        )}
      </Box>
      <Box sx={{ gridArea: "side", display: "grid", gap: 2, minWidth: 0, gridTemplateColumns: "minmax(0, 1fr)" }}>
        {surface !== undefined && layout !== null && (
          <>
            <Region title={chosen === null ? surface.name : "What is chosen"}>
              {chosen === null ? (
                <SurfaceForm surface={surface} />
              ) : (
                <ChosenForm plan={plan} chosen={chosen} onGone={() => setChosen(null)} />
              )}
            </Region>
            <Region title="Judged">
              {layout.faults.length === 0 ? (
                <p style={{ margin: 0 }}>
                  {layout.panels.length === 0
                    ? "Nothing lies here yet."
                    : `${counted(layout.panels.length, "panel lies", "panels lie")} here, and nothing is in the way.`}
                </p>
              ) : (
                <ul className={style["list"]} aria-label="What is wrong">
                  {layout.faults.map((fault) => (
                    <li key={JSON.stringify(fault)}>
                      <LevelMark level="care" size={16} />
                      <span>{faultWords(plan, fault)}</span>
                    </li>
                  ))}
                </ul>
              )}
            </Region>
            <Region title="Light of this hour">
              <ul className={style["list"]} aria-label="Light on each panel">
                {layout.panels.map(({ id, shade }) => (
                  <li key={id} className="num">
                    <span style={{ flex: 1 }}>{pieceName(plan, id)}</span>
                    <span>
                      {(100 * shade.lit).toFixed(0)} % lit
                      <br />
                      worst cells{" "}
                      {shade.substrings.map(({ worstCellLit }) => (100 * worstCellLit).toFixed(0)).join(", ")} %
                    </span>
                  </li>
                ))}
              </ul>
              <p style={{ margin: "8px 0 0", fontSize: "0.8125rem" }}>
                The least lit cell of each substring holds its current; of half cells, the mean of both halves. The year
                counts these shadows, hour by hour.
              </p>
            </Region>
          </>
        )}
      </Box>
    </Box>
  );
}

type SlidersProps = { readonly time: SunTime; readonly onTime: (time: SunTime) => void; readonly elevationDeg: number };

/** The season and the hour, by the sun's clock. */
function SunSliders({ time, onTime, elevationDeg }: SlidersProps) {
  const hours = `${Math.floor(time.hour)}:${String(Math.round((time.hour % 1) * 60)).padStart(2, "0")}`;
  return (
    <Box sx={{ display: "grid", gap: 1, gridTemplateColumns: { xs: "minmax(0, 1fr)", sm: "1fr 2fr" } }}>
      <label style={{ display: "grid", fontWeight: 600, fontSize: "0.875rem" }}>
        {`Month: ${monthName(time.month)}`}
        <input
          type="range"
          min={1}
          max={12}
          step={1}
          value={time.month}
          aria-label="Month"
          aria-valuetext={monthName(time.month)}
          style={{ minHeight: 44, accentColor: "var(--amber-deep)" }}
          onChange={(event) => onTime({ ...time, month: Number(event.target.value) })}
        />
      </label>
      <label style={{ display: "grid", fontWeight: 600, fontSize: "0.875rem" }}>
        {`${hours} by the sun; it stands ${elevationDeg > 0 ? `${elevationDeg.toFixed(0)}° high` : "below the horizon"}`}
        <input
          type="range"
          min={3}
          max={21}
          step={0.25}
          value={time.hour}
          aria-label="Hour"
          aria-valuetext={hours}
          style={{ minHeight: 44, accentColor: "var(--amber-deep)" }}
          onChange={(event) => onTime({ ...time, hour: Number(event.target.value) })}
        />
      </label>
    </Box>
  );
}

function newSurface(id: string, before: number): Surface {
  return {
    id,
    name: before === 0 ? "Roof" : `Surface ${before + 1}`,
    kind: "roof",
    outline: [
      { xMm: 0, yMm: 0 },
      { xMm: 2100, yMm: 0 },
      { xMm: 2100, yMm: 5200 },
      { xMm: 0, yMm: 5200 },
    ],
    headingDeg: null,
  };
}

function middleOf({ outline }: Surface): readonly [number, number] {
  const mean = (of: (point: Surface["outline"][number]) => number) =>
    Math.round(outline.reduce((sum, point) => sum + of(point), 0) / outline.length);
  return [mean(({ xMm }) => xMm), mean(({ yMm }) => yMm)];
}
