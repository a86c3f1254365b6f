"use client";

import Box from "@mui/material/Box";
import { Trash2 } from "lucide-react";
import { type Mounting, type Plan, type Turning } from "@/core/plan";
import { mounts as mountKinds } from "@/core/engine/sky";
import { fieldSpecs } from "@/core/engine/units";
import { keyOf } from "@/core/engine/array";
import { useDesk, usePlan } from "@/features/plan-session";
import { ChoiceField, newId, QuantityField, Region, TextButton, TextLine, ToolButton } from "@/ui";
import { monthNames, mountWords } from "@/messages/en";
import { CheckGroup } from "../CheckGroup";
import { mountsTexts } from "@/messages/en/need/facing";
import { commonTexts } from "@/messages/en/common/view";

const turningWords: Readonly<Record<Turning["type"], string>> = {
  fixed: mountsTexts.fixed,
  seasons: mountsTexts.tiltedBySeason,
  reaimed: mountsTexts.turnedToTheSunByHand,
  following: mountsTexts.trackingTheSun,
};

/** How panels face: by groups that are held alike. Those in no group lie flat on the plan's usual mount. */
export function Mounts() {
  const desk = useDesk();
  const plan = usePlan();
  const held = new Set(plan.mounts.flatMap(({ pieces }) => pieces.map(keyOf)));
  const free = piecesOf(plan).filter(({ key }) => !held.has(key));
  return (
    <Region title={mountsTexts.tiltAndDirectionOfThePanels} flush>
      {plan.mounts.length === 0 && <Box sx={{ p: 1.5 }}>{mountsTexts.allPanelsLieFlatAddAGroupHereFor}</Box>}
      {plan.mounts.map((mount) => (
        <MountForm key={mount.id} mount={mount} plan={plan} />
      ))}
      <Box sx={{ p: 1, display: "flex", gap: 1, alignItems: "center", flexWrap: "wrap" }}>
        <TextButton
          disabled={plan.panels.length === 0}
          onClick={() =>
            desk.change({
              type: "setMount",
              mount: {
                id: newId(),
                name: mountsTexts.groupNumber(plan.mounts.length + 1),
                kind: "tilted",
                tiltDeg: 30,
                azimuthDeg: null,
                azimuthFrom: "north",
                turning: { type: "fixed" },
                pieces: free.map(({ panelId, piece }) => ({ panelId, piece })),
              },
            })
          }
        >
          {free.length > 0 && plan.mounts.length > 0 ? mountsTexts.addAnotherGroup : mountsTexts.addAGroup}
        </TextButton>
        <Box sx={{ fontSize: "0.875rem" }}>
          {plan.panels.length === 0 ? mountsTexts.noPanelsInThisPlanYet : mountsTexts.panelsFlatInNoGroup(free.length)}
        </Box>
      </Box>
    </Region>
  );
}

type PieceRef = { readonly key: string; readonly panelId: string; readonly piece: number; readonly words: string };

function piecesOf({ panels }: Plan): PieceRef[] {
  return panels.flatMap(({ id: panelId, label, pieces }) =>
    pieces.map(({ number: piece, tag }) => ({
      key: keyOf({ panelId, piece }),
      panelId,
      piece,
      words: tag === "" ? `${label.name} ${piece}` : tag,
    })),
  );
}

function MountForm({ mount, plan }: { mount: Mounting; plan: Plan }) {
  const desk = useDesk();
  const patch = (change: Partial<Mounting>, gesture?: string) =>
    desk.change(
      { type: "setMount", mount: { ...mount, ...change } },
      gesture === undefined ? undefined : `mount:${mount.id}:${gesture}`,
    );
  const all = piecesOf(plan);
  const { turning } = mount;
  return (
    <Box sx={{ p: 1.5, borderBottom: "1px solid var(--line)", display: "grid", gap: 1 }} data-mount={mount.id}>
      <Box sx={{ display: "grid", gap: 1, gridTemplateColumns: { xs: "1fr 1fr", sm: "1.4fr 1.3fr 1.6fr auto" } }}>
        <TextLine
          label={mountsTexts.group}
          value={mount.name}
          most={80}
          onValue={(name) => patch({ name }, "name")}
          onDone={desk.endGesture}
        />
        <ChoiceField
          label={mountsTexts.mountingType}
          value={mount.kind}
          options={mountKinds.map((value) => ({ value, text: mountWords[value] }))}
          onChoice={(kind) => patch({ kind })}
          help={commonTexts.mountingTypeHelp}
        />
        <ChoiceField
          label={mountsTexts.movement}
          value={turning.type}
          options={(Object.keys(turningWords) as Turning["type"][]).map((value) => ({
            value,
            text: turningWords[value],
          }))}
          onChoice={(type) => patch({ turning: begun(type, mount.tiltDeg) })}
        />
        <Box sx={{ pt: "20px" }}>
          <ToolButton
            aria-label={mountsTexts.deleteName(mount.name)}
            onClick={() => desk.change({ type: "removeMount", mountId: mount.id })}
          >
            <Trash2 size={16} />
          </ToolButton>
        </Box>
      </Box>
      <Box sx={{ display: "grid", gap: 1, gridTemplateColumns: { xs: "1fr 1fr", sm: "1fr 1fr 1.4fr" } }}>
        {turning.type === "fixed" && (
          <QuantityField
            label={mountsTexts.tilt}
            spec={fieldSpecs.tiltDeg}
            value={mount.tiltDeg}
            onValue={(tiltDeg) => patch({ tiltDeg: tiltDeg ?? 0 }, "tilt")}
            onDone={desk.endGesture}
            help={mountsTexts.tiltHelp}
            helpBelow
            required
          />
        )}
        {turning.type === "reaimed" && (
          <ChoiceField
            label={mountsTexts.timesADay}
            value={String(turning.timesADay)}
            options={Array.from({ length: 12 }, (_, k) => ({ value: String(k + 1), text: String(k + 1) }))}
            onChoice={(times) => patch({ turning: { type: "reaimed", timesADay: Number(times) } })}
          />
        )}
        {(turning.type === "fixed" || turning.type === "seasons") && (
          <>
            <QuantityField
              label={mountsTexts.directionAzimuth}
              spec={fieldSpecs.azimuthDeg}
              value={mount.azimuthDeg}
              onValue={(azimuthDeg) => patch({ azimuthDeg }, "azimuth")}
              onDone={desk.endGesture}
              help={mountsTexts.directionAzimuthHelp}
              helpBelow
              placeholder={mountsTexts.theNoonSun}
            />
            {mount.azimuthDeg !== null && (
              <ChoiceField
                label={mountsTexts.directionMeasuredFrom}
                value={mount.azimuthFrom}
                options={[
                  { value: "north", text: "north" },
                  { value: "front", text: mountsTexts.theVehiclesFront },
                ]}
                onChoice={(azimuthFrom) => patch({ azimuthFrom })}
              />
            )}
          </>
        )}
      </Box>
      {turning.type === "seasons" && (
        <Turns
          turns={turning.turns}
          onTurns={(turns, gesture) => patch({ turning: { type: "seasons", turns } }, gesture)}
        />
      )}
      <CheckGroup
        label={mountsTexts.panelsInThisGroup}
        options={all.map(({ key, words }) => ({ value: key, text: words }))}
        chosen={mount.pieces.map(keyOf)}
        onChosen={(keys) =>
          patch({
            pieces: all.filter(({ key }) => keys.includes(key)).map(({ panelId, piece }) => ({ panelId, piece })),
          })
        }
      />
    </Box>
  );
}

function begun(type: Turning["type"], tiltDeg: number): Turning {
  switch (type) {
    case "fixed":
    case "following":
      return { type };
    case "reaimed":
      return { type, timesADay: 3 };
    case "seasons":
      return {
        type,
        turns: [
          { fromDay: "04-01", tiltDeg: Math.max(0, Math.abs(tiltDeg) - 15) },
          { fromDay: "10-01", tiltDeg: Math.min(75, Math.abs(tiltDeg) + 20) },
        ],
      };
  }
}

type Turn = { readonly fromDay: string; readonly tiltDeg: number };
type TurnsProps = {
  readonly turns: readonly Turn[];
  readonly onTurns: (turns: Turn[], gesture?: string) => void;
};

/** Days on which the tilt is changed. */
function Turns({ turns, onTurns }: TurnsProps) {
  const desk = useDesk();
  const set = (k: number, patch: Partial<Turn>, gesture?: string) =>
    onTurns(
      turns.map((turn, at) => (at === k ? { ...turn, ...patch } : turn)),
      gesture,
    );
  return (
    <Box sx={{ display: "grid", gap: 1 }}>
      {turns.map(({ fromDay, tiltDeg }, k) => (
        <Box key={k} sx={{ display: "grid", gap: 1, gridTemplateColumns: "1.4fr 0.8fr 1fr auto", alignItems: "end" }}>
          <ChoiceField
            label={mountsTexts.fromTheMonth}
            value={fromDay.slice(0, 2)}
            options={monthNames.map((text, month) => ({ value: String(month + 1).padStart(2, "0"), text }))}
            onChoice={(month) => set(k, { fromDay: `${month}-${fromDay.slice(3)}` })}
          />
          <ChoiceField
            label={mountsTexts.day}
            value={fromDay.slice(3)}
            options={Array.from({ length: 28 }, (_, day) => ({
              value: String(day + 1).padStart(2, "0"),
              text: String(day + 1),
            }))}
            onChoice={(day) => set(k, { fromDay: `${fromDay.slice(0, 2)}-${day}` })}
          />
          <QuantityField
            label={mountsTexts.tilt}
            spec={fieldSpecs.tiltDeg}
            value={tiltDeg}
            onValue={(value) => set(k, { tiltDeg: value ?? 0 }, `turn:${k}`)}
            onDone={desk.endGesture}
            help={mountsTexts.tiltHelp2}
            required
          />
          <ToolButton
            aria-label={mountsTexts.deleteTheTiltFromFromDay(fromDay)}
            disabled={turns.length === 1}
            onClick={() => onTurns(turns.filter((_, at) => at !== k))}
          >
            <Trash2 size={16} />
          </ToolButton>
        </Box>
      ))}
      {turns.length < 12 && (
        <div>
          <TextButton look="plain" onClick={() => onTurns([...turns, { fromDay: "07-01", tiltDeg: 30 }])}>
            {mountsTexts.addASeasonalTilt}
          </TextButton>
        </div>
      )}
    </Box>
  );
}
