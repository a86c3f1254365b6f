"use client";

import Box from "@mui/material/Box";
import { minRated } from "@/core/protection/cabling";
import { pieceName, type Plan } from "@/core/plan";
import { type BranchReport, type LaneReport, type Part, type ProtectReport } from "@/core/protection/diagram";
import { partsOfKey } from "@/core/engine/array";
import { useDesk } from "@/features/plan-session";
import { Facts, ChoiceField, useUnits } from "@/ui";
import { amount, branchOf, branchWords, counted, given } from "@/messages/en";
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
export function SelectedPart({ plan, report, part, yearKwhOf }: Props) {
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
      const branch = branchOf(report, part.row);
      const rowId = part.row.rowId ?? "";
      const lane = laneAt(part.row);
      const least = branch === null ? null : minRated(branch);
      return (
        <Box sx={{ display: "grid", gap: 1 }}>
          <strong>Fuse of {branch === null ? `string ${part.row.number}` : branchWords(branch.place)}, on its +</strong>
          {branch !== null && (
            <Facts
              facts={[
                ["Backfeed from other strings", amount(branch.backfeedA, "A")],
                [
                  "Max series fuse rating",
                  branch.ratingA === null
                    ? "none: its panels stand in groups of their own"
                    : `${given(branch.ratingA, "A")}${least?.isAssumed === true ? ", assumed" : ""}`,
                ],
                ["At least (1.56 × Isc)", amount(1.56 * branch.iscA, "A")],
                ["Max PV voltage", amount(lane?.highestV ?? 0, "V")],
                ["Can it blow", blowing(branch)],
              ]}
            />
          )}
          <GuardForm
            key={rowId}
            at={{ type: "row", rowId }}
            what="row"
            advisedA={branch?.sizeA ?? null}
            classV={lane?.fuseV ?? null}
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
          <strong>DC isolator (disconnect) between panels and PV input</strong>
          {lane !== null && (
            <Facts
              facts={[
                ["At least (1.25 × Isc)", lane.iscA === null ? "not known" : amount(1.25 * lane.iscA, "A")],
                ["Max PV voltage", amount(lane.highestV, "V")],
                ["Poles", "2: + and − at once"],
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
                "Controller output",
                battery.outputA === null ? "not known: enter it at Controller" : amount(battery.outputA, "A"),
              ],
              ["What its cable can carry", battery.cableA === null ? "not known" : amount(battery.cableA, "A")],
              [
                "Draws when idle",
                `${given(battery.idleW, "W")}${battery.idleIsAssumed ? ", assumed" : ""}${battery.idleAhAMonth === null ? "" : `: ${battery.idleAhAMonth.toFixed(0)} Ah in a dark month`}`,
              ],
            ]}
          />
          <p style={{ margin: 0 }}>
            The fuse sits within 18 cm (7 in) of battery +. A battery switch in this cable ends the idle draw in a long
            winter: disconnect the panels first, then the battery.
          </p>
          <GuardForm
            key={battery.inputId}
            at={{ type: "bank", inputId: battery.inputId }}
            what="battery"
            advisedA={battery.fuseA}
            classV={battery.fuseV}
          />
        </Box>
      );
    }
    case "bar": {
      const lane = laneAt(part.lane);
      return lane === null ? null : <JointForm lane={lane} />;
    }
    case "branch":
      return <p>The branches of a parallel group join here: a pair of branch (Y) connectors.</p>;
    case "diode":
      return (
        <Box sx={{ display: "grid", gap: 1 }}>
          <strong>Blocking diode</strong>
          <p style={{ margin: 0 }}>
            It keeps other strings from pushing current back into this one, and costs about half a volt all day. It is
            no fuse: it fails short. Add or remove it on the board, at Wiring.
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
              ["Max series fuse rating", stated(label.maxSeriesFuseA, "A")],
              ["Max system voltage", stated(label.maxSystemV, "V")],
            ]}
          />
          <p style={{ margin: 0 }}>Its connectors are under Connectors.</p>
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
                ["PV input", lane.portName],
                ["Voc on the coldest dawn", amount(lane.coldV, "V")],
                ["Isc of all strings", lane.iscA === null ? "not known" : amount(lane.iscA, "A")],
                [
                  "Connected by",
                  lane.chain.isFound ? counted(lane.chain.links.length, "adapter") : "no known adapters",
                ],
              ]}
            />
          ))}
          <p style={{ margin: 0 }}>
            Its sockets and the adapters to them are under Plugs; {system === "us" ? "AWG or mm²" : "mm² or AWG"}{" "}
            follows the standard under Cables.
          </p>
        </Box>
      );
    }
  }
}

/** A gPV fuse needs about 1.45 times its rating for an hour: more than the others may be able to push. */
function blowing({ sizeA, fuseA, backfeedA }: BranchReport): string {
  const ratedA = fuseA ?? sizeA;
  if (ratedA === null) return "no fuse fits";
  const blowsA = 1.45 * ratedA;
  if (backfeedA >= blowsA) return `yes, at ${amount(blowsA, "A")} within about an hour`;
  return 1.25 * backfeedA >= blowsA
    ? `only in the brightest sun: it needs ${amount(blowsA, "A")} for about an hour`
    : `perhaps never: it needs ${amount(blowsA, "A")} for about an hour`;
}

/** How the rows of a port are joined. */
function JointForm({ lane }: { readonly lane: LaneReport }) {
  const desk = useDesk();
  const { joint, box, diodes, rows, iscA } = lane;
  const joining = desk.now().history.present.protect.joining;
  return (
    <Box sx={{ display: "grid", gap: 1 }}>
      <strong>Where {rows.length} strings join</strong>
      <ChoiceField
        label="Joined by"
        value={joining}
        options={[
          { value: "auto", text: `whichever suits: ${joint === "box" ? "a combiner box" : "branch connectors"}` },
          { value: "plugs", text: "branch (Y) connectors" },
          { value: "box", text: "a combiner box with busbars" },
        ]}
        onChoice={(next) => desk.change({ type: "setProtect", patch: { joining: next } })}
      />
      <Facts
        facts={[
          ["Must carry (1.25 × Isc of all strings)", iscA === null ? "not known" : amount(1.25 * iscA, "A")],
          ["A branch connector can carry", given(lane.chain.branchA, "A")],
          ...(box === null
            ? []
            : ([
                ["Combiner box, inside at least", `${box.wideMm} × ${box.highMm} × ${box.deepMm} mm`],
                [
                  "Cable glands",
                  box.glands
                    .map(
                      ({ thread, cables, count }) =>
                        `${count} × ${thread} for ${cables === 1 ? "one cable" : "two cables"}`,
                    )
                    .join(", "),
                ],
                ["Busbars", `2, ${box.studs} studs each`],
              ] as const)),
        ]}
      />
      {diodes !== null && (
        <p style={{ margin: 0 }}>
          Blocking diodes here would save {amount(Math.max(0, diodes.gainW), "W")} while one string is in deep shade,
          and cost {amount(Math.max(0, diodes.costW), "W")} whenever none is.
          {diodes.gainW > diodes.costW
            ? " Worth it only where a string is shaded much of the day."
            : " They do not help."}
        </p>
      )}
    </Box>
  );
}
