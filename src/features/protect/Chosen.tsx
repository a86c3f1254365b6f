"use client";

import Box from "@mui/material/Box";
import { pieceName, type Plan } from "@/core/plan";
import { type LaneReport, type Part, type ProtectReport } from "@/core/protect";
import { partsOfKey } from "@/core/wiring";
import { useDesk } from "@/features/desk";
import { Facts, ChoiceField, useUnits } from "@/ui";
import { amount, counted, given } from "@/words";
import { CableForm } from "./CableForm";
import { GuardForm } from "./GuardForm";
import { runOfPart } from "./runs";

type Props = {
  readonly plan: Plan;
  readonly report: ProtectReport;
  readonly part: Part;
  readonly yearKwhOf: (runKey: string) => number | null;
};

/** What was pressed in the drawing: read, and changed. */
export function Chosen({ plan, report, part, yearKwhOf }: Props) {
  const system = useUnits();
  const laneAt = (at: { readonly inputId: string | null; readonly portId: string | null }): LaneReport | null =>
    report.lanes.find(({ inputId, portId }) => inputId === at.inputId && portId === at.portId) ?? null;
  switch (part.type) {
    case "cable": {
      const run = runOfPart(report, part);
      if (run === null) return <p>Nothing is known of this cable yet: its panels’ labels are not whole.</p>;
      const lane = report.lanes.find(({ runs }) => runs.includes(run)) ?? null;
      return <CableForm key={run.key} plan={plan} run={run} lane={lane} yearKwh={yearKwhOf(run.key)} />;
    }
    case "fuse": {
      const lane = laneAt(part.row);
      const row = lane?.rows.find(({ rowId }) => rowId === part.row.rowId);
      const rowId = part.row.rowId ?? "";
      return (
        <Box sx={{ display: "grid", gap: 1 }}>
          <strong>Fuse of row {part.row.number}, on its plus</strong>
          {lane !== null && lane.fuses !== null && (
            <Facts
              facts={[
                ["Other rows can push in", amount(lane.fuses.backfeedA, "A")],
                ["Its panels bear", `${given(lane.ratingA, "A")}${lane.ratingIsAssumed ? ", assumed" : ""}`],
                ["From 1.56 × short circuit", amount(1.56 * (row?.amps?.iscA ?? lane.fuses.iscA), "A")],
                ["Coldest volts", amount(row?.coldV ?? lane.coldV, "V")],
                [
                  "Could it ever blow",
                  lane.fuses.couldBlow ? "yes: it takes about 1.45 times its rating" : "no: too few rows",
                ],
              ]}
            />
          )}
          <GuardForm
            key={rowId}
            at={{ type: "row", rowId }}
            what="row"
            advisedA={lane?.fuses?.sizeA ?? null}
            classV={lane?.classV ?? null}
          />
        </Box>
      );
    }
    case "switch": {
      const lane = laneAt(part.lane);
      const { inputId, portId } = part.lane;
      if (inputId === null || portId === null) return null;
      return (
        <Box sx={{ display: "grid", gap: 1 }}>
          <strong>Switch between panels and input</strong>
          {lane !== null && (
            <Facts
              facts={[
                ["1.25 × short circuit", lane.iscA === null ? "not known" : amount(1.25 * lane.iscA, "A")],
                ["Coldest volts", amount(lane.coldV, "V")],
                ["Poles", "both: plus and minus at once"],
              ]}
            />
          )}
          <GuardForm
            key={`${inputId}/${portId}`}
            at={{ type: "isolator", inputId, portId }}
            what="switch"
            advisedA={lane?.switchA ?? null}
            classV={lane?.classV ?? null}
          />
        </Box>
      );
    }
    case "bank": {
      const battery = report.batteries.find(({ inputId }) => inputId === part.inputId);
      if (battery === undefined) return <p>Nothing is known of this battery yet.</p>;
      return (
        <Box sx={{ display: "grid", gap: 1 }}>
          <strong>Battery of {battery.inputName}</strong>
          <Facts
            facts={[
              [
                "The controller gives",
                battery.outputA === null ? "not known: see Input" : amount(battery.outputA, "A"),
              ],
              ["Its cable may be fused by", battery.cableA === null ? "not known" : amount(battery.cableA, "A")],
              [
                "Idle it draws",
                `${given(battery.idleW, "W")}${battery.idleIsAssumed ? ", assumed" : ""}${battery.idleAhAMonth === null ? "" : `: ${battery.idleAhAMonth.toFixed(0)} Ah in a dark month`}`,
              ],
            ]}
          />
          <p style={{ margin: 0 }}>
            The fuse sits as near to the battery as can be. A switch in this cable ends the idle draw in a long winter:
            panels off first, then the battery.
          </p>
          <GuardForm
            key={battery.inputId}
            at={{ type: "bank", inputId: battery.inputId }}
            what="battery"
            advisedA={battery.fuseA}
            classV={null}
          />
        </Box>
      );
    }
    case "bar": {
      const lane = laneAt(part.lane);
      return lane === null ? null : <JointForm lane={lane} />;
    }
    case "branch":
      return <p>Rows inside a row join here: a pair of branch plugs.</p>;
    case "diode":
      return (
        <Box sx={{ display: "grid", gap: 1 }}>
          <strong>Blocking diode</strong>
          <p style={{ margin: 0 }}>
            It keeps other rows from pushing into this one, and costs about half a volt all day. It is no fuse: it fails
            short. It is put in and taken out on the board, at Wire.
          </p>
        </Box>
      );
    case "panel": {
      const label = plan.panels.find(({ id }) => id === partsOfKey(part.key).panelId)?.label;
      if (label === undefined) return null;
      const stated = (value: number | null, unit: "V" | "A") => (value === null ? "not known" : given(value, unit));
      return (
        <Box sx={{ display: "grid", gap: 1 }}>
          <strong>
            Panel {part.number}: {pieceName(plan, part.key)}
          </strong>
          <Facts
            facts={[
              ["Open, Voc", stated(label.vocV, "V")],
              ["Shorted, Isc", stated(label.iscA, "A")],
              ["Series fuse", stated(label.maxSeriesFuseA, "A")],
              ["Insulation", stated(label.maxSystemV, "V")],
            ]}
          />
          <p style={{ margin: 0 }}>What its leads end in is said under Plugs.</p>
        </Box>
      );
    }
    case "input": {
      const lanes = report.lanes.filter(({ inputId }) => inputId === part.inputId);
      return (
        <Box sx={{ display: "grid", gap: 1 }}>
          <strong>{plan.inputs.find(({ id }) => id === part.inputId)?.device.name ?? "No input chosen"}</strong>
          {lanes.map((lane) => (
            <Facts
              key={lane.portId}
              facts={[
                ["Port", lane.portName],
                ["Coldest volts", amount(lane.coldV, "V")],
                ["Short circuit, all rows", lane.iscA === null ? "not known" : amount(lane.iscA, "A")],
                ["Plugged by", lane.chain.isFound ? counted(lane.chain.links.length, "adapter") : "no chain known"],
              ]}
            />
          ))}
          <p style={{ margin: 0 }}>
            Its sockets and the adapters to them are under Plugs; {system === "us" ? "AWG or mm²" : "mm² or AWG"}{" "}
            follows the school under Cables.
          </p>
        </Box>
      );
    }
  }
}

/** How the rows of a port are joined. */
function JointForm({ lane }: { readonly lane: LaneReport }) {
  const desk = useDesk();
  const { joint, box, diodes, rows, iscA } = lane;
  const joining = desk.now().history.present.protect.joining;
  return (
    <Box sx={{ display: "grid", gap: 1 }}>
      <strong>Where {rows.length} rows join</strong>
      <ChoiceField
        label="Joined by"
        value={joining}
        options={[
          { value: "auto", text: `whichever suits: ${joint === "box" ? "a box with bars" : "branch plugs"}` },
          { value: "plugs", text: "branch plugs" },
          { value: "box", text: "a box with bars" },
        ]}
        onChoice={(next) => desk.change({ type: "setProtect", patch: { joining: next } })}
      />
      <Facts
        facts={[
          ["1.25 × short circuit, all rows", iscA === null ? "not known" : amount(1.25 * iscA, "A")],
          ["A branch plug bears", given(lane.chain.branchA, "A")],
          ...(box === null
            ? []
            : ([
                ["Box, inside at least", `${box.wideMm} × ${box.highMm} × ${box.deepMm} mm`],
                [
                  "Glands",
                  box.glands
                    .map(
                      ({ thread, cables, count }) =>
                        `${count} × ${thread} for ${cables === 1 ? "one cable" : "two cables"}`,
                    )
                    .join(", "),
                ],
                ["Bars", `2, ${box.studs} studs each`],
              ] as const)),
        ]}
      />
      {diodes !== null && (
        <p style={{ margin: 0 }}>
          Blocking diodes here would save {amount(Math.max(0, diodes.gainW), "W")} while one row is in deep shade, and
          cost {amount(Math.max(0, diodes.costW), "W")} whenever none is.
          {diodes.gainW > diodes.costW ? " Worth it only where a row is shaded much of the day." : " They do not help."}
        </p>
      )}
    </Box>
  );
}
