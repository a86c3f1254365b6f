"use client";

import Box from "@mui/material/Box";
import { useDeferredValue, useEffect, useMemo, useRef, useState } from "react";
import { applyChanges, type Change, plainSurface, type Plan } from "@/core/plan";
import { boundsOf, pointsOf } from "@/core/layout/roof";
import { type ShadeMap } from "@/core/wiring/year";
import { useJobOnDemand } from "@/features/worker-hooks";
import { positionIdOf, useDesk, useDeskState, usePlan, useWiring } from "@/features/plan-session";
import { useWeather } from "@/features/year";
import { newId, TextButton, useWidth } from "@/ui";
import { workerClient } from "@/workers";
import { type Chosen } from "./chosen";
import { Drawing } from "./Drawing";
import { useRoofFindings } from "./Judged";
import { More } from "./More";
import { hourTowards, type Layout, layoutOf, type SunTime } from "./layout";
import { Nudge } from "./Nudge";
import { PropertiesPanel } from "./PropertiesPanel";
import { SunSliders } from "./SunSliders";
import { viewOf } from "./view";
import { roofTabTexts } from "@/messages/en/layout/view";

type Spot = readonly [number, number];

/** The roof drawn to scale: what stands on it, the panels, their shadows through the day and the year, and what is wrong with it. */
export function RoofTab() {
  const desk = useDesk();
  const saved = usePlan();
  // what is dragged is not in the plan yet: drawn and judged as if it were, and one change when it is let go
  const [draft, setDraft] = useState<{ readonly of: Plan; readonly changes: readonly Change[] } | null>(null);
  // let go, it stands until the plan has it: nothing jumps back in between
  const isDraft = draft !== null && draft.of === saved;
  // over with any other plan; kept, it would be there again when undo brings back the plan it was a draft of
  if (draft !== null && !isDraft) setDraft(null);
  const plan = useMemo(() => (isDraft ? applyChanges(saved, draft.changes) : saved), [saved, draft, isDraft]);
  const wiring = useWiring();
  const positionId = useDeskState(positionIdOf);
  const { surfaces } = plan.space;
  const [surfaceId, setSurfaceId] = useState<string | null>(null);
  const [chosen, setChosen] = useState<readonly Chosen[]>([]);
  const [time, setTime] = useState<SunTime>({ month: 6, hour: 10 });
  const [spots, setSpots] = useState<readonly Spot[] | null>(null);
  const [isMapShown, setMapShown] = useState(true);
  const paper = useRef<HTMLDivElement>(null);
  const width = useWidth(paper, 800);
  const surface = surfaces.find(({ id }) => id === surfaceId) ?? surfaces[0];
  const { space, panels, positions, mounts, site } = plan;
  const drawn = useRef<Layout | null>(null);
  const layout = useMemo(
    // what was drawn last only saves drawing: with or without it the layout is the same
    // eslint-disable-next-line react-hooks/refs
    () => (surface === undefined ? null : layoutOf(plan, surface, positionId, time, drawn.current)),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- what a layout depends on; a note typed moves no shadow
    [space, panels, positions, mounts, site, surface, positionId, time],
  );
  useEffect(() => {
    drawn.current = layout;
  });
  const view = useMemo(() => {
    if (surface === undefined) return null;
    const { x, y } = boundsOf(pointsOf(surface.outline));
    // a long roof lies down where there is room beside it
    return viewOf(surface, width > 560 && y[1] - y[0] > x[1] - x[0]);
  }, [surface, width]);
  const findings = useRoofFindings(plan, wiring, positionId);
  const trouble = useMemo(
    () =>
      new Set(
        findings.flatMap(({ level, rule, subject, reason }) => {
          if (level === "good" || rule !== "layout" || subject.type !== "piece" || reason.type !== "layout") return [];
          const { fault } = reason;
          if (fault.type === "drill") return [];
          return fault.type === "overlap" ? [fault.panel, fault.other] : [fault.panel];
        }),
      ),
    [findings],
  );
  const weather = useWeather(plan);
  const shade = useJobOnDemand<ShadeMap>(
    [surface?.id, space, panels, positions, mounts, site, positionId],
    (topic, progressed) => {
      setMapShown(true);
      return workerClient().ask(
        "shadeMap",
        { plan, surfaceId: surface?.id ?? "", positionId, weather: weather.type === "here" ? weather.text : null },
        { topic, queue: "patient", once: ["plan"], progressed },
      );
    },
  );
  const map = shade.of[0] === surface?.id ? shade.value : null;
  const addSurface = () => {
    const id = newId();
    desk.change({
      type: "putInSpace",
      list: "surfaces",
      item: plainSurface(
        id,
        surfaces.length === 0 ? roofTabTexts.roof : roofTabTexts.surfaceNumber(surfaces.length + 1),
        2100,
        5200,
      ),
    });
    setSurfaceId(id);
    setChosen([]);
  };
  const turnSun = (azimuthDeg: number) => {
    if (layout !== null) setTime((now) => hourTowards(plan, now, azimuthDeg, layout.sun.azimuthDeg));
  };
  const pointing = useMemo(
    () => ({ spots: spots ?? [], isOn: spots !== null, begin: () => setSpots([]), end: () => setSpots(null) }),
    [spots],
  );
  // while something is dragged the drawing goes first, and all that is told beside it follows as time allows
  const now = useMemo(() => ({ plan, layout, findings }), [plan, layout, findings]);
  const later = useDeferredValue(now);
  const late = isDraft ? later : now;
  const used = plan.positions.filter(({ id }) => wiring.positionIds.includes(id));
  const [only] = chosen.length === 1 ? chosen : [];
  return (
    <Box
      sx={{
        display: "grid",
        gap: 2,
        gridTemplateColumns: { xs: "minmax(0, 1fr)", md: "minmax(0, 1fr) 320px" },
        gridTemplateAreas: { xs: '"paper" "side" "more"', md: '"paper side" "more side"' },
        gridTemplateRows: { md: "auto 1fr" },
        alignItems: "start",
      }}
    >
      <Box
        ref={paper}
        sx={{ gridArea: "paper", minWidth: 0, display: "grid", gap: 1, gridTemplateColumns: "minmax(0, 1fr)" }}
      >
        <Box sx={{ display: "flex", flexWrap: "wrap", gap: 0.5, alignItems: "center" }}>
          <Box sx={{ display: "contents" }} role="group" aria-label={roofTabTexts.surfaces}>
            {surfaces.map(({ id, name }) => (
              <TextButton
                key={id}
                aria-pressed={id === surface?.id}
                onClick={() => {
                  setSurfaceId(id);
                  setChosen([]);
                }}
              >
                {name}
              </TextButton>
            ))}
          </Box>
          <TextButton look={surfaces.length === 0 ? "amber" : "plain"} onClick={addSurface}>
            {surfaces.length === 0 ? roofTabTexts.drawARoof : roofTabTexts.addASurface}
          </TextButton>
          {used.length > 1 && (
            <Box
              sx={{ display: "flex", gap: 0.5, ml: "auto", flexWrap: "wrap" }}
              role="group"
              aria-label={roofTabTexts.position}
            >
              {used.map(({ id, name }) => (
                <TextButton key={id} aria-pressed={id === positionId} onClick={() => desk.set({ positionId: id })}>
                  {name}
                </TextButton>
              ))}
            </Box>
          )}
        </Box>
        {surface === undefined || layout === null || view === null ? (
          <p>{roofTabTexts.beginWithTheRoofTheDeckOrThe}</p>
        ) : (
          <>
            <Drawing
              plan={plan}
              surface={surface}
              positionId={positionId}
              layout={layout}
              view={view}
              trouble={trouble}
              chosen={chosen}
              onChoose={setChosen}
              onSun={turnSun}
              map={isMapShown ? map : null}
              onPoint={spots === null ? null : (at) => setSpots(spots.length < 2 ? [...spots, at] : [at])}
              marks={spots ?? []}
              onDraft={(changes) => setDraft({ of: saved, changes })}
              onDrop={(isMeant) => {
                if (isMeant && isDraft) desk.changeAll(draft.changes);
                else setDraft(null);
              }}
            />
            <SunSliders time={time} onTime={setTime} elevationDeg={layout.sun.elevationDeg} />
            {only !== undefined && <Nudge chosen={only} positionId={positionId} view={view} />}
          </>
        )}
      </Box>
      <PropertiesPanel
        {...late}
        surface={surface}
        positionId={positionId}
        chosen={chosen}
        onChoose={setChosen}
        pointing={pointing}
      />
      <More
        plan={late.plan}
        layout={late.layout}
        surface={surface}
        positionId={positionId}
        onChoose={setChosen}
        shade={shade}
        isMapShown={isMapShown}
        onMapShown={setMapShown}
      />
    </Box>
  );
}
