"use client";

import Box from "@mui/material/Box";
import { type CableWay, pieceName, type Plan } from "@/core/plan";
import { alongEdges, type LaidPanel, defaultLeadMm, wayLength, wayLine } from "@/core/layout/roof";
import { keyOf, partsOfKey } from "@/core/engine/array";
import { useDesk } from "@/features/plan-session";
import { ChoiceField, TextButton, TextLine, useUnits } from "@/ui";
import { amount } from "@/messages/en";
import { Quantity, two } from "../Quantity";
import { CornersForm } from "./CornersForm";

type Props = {
  readonly plan: Plan;
  readonly way: CableWay;
  readonly panels: readonly LaidPanel[];
  readonly onGone: () => void;
};

/** A cable way: from where, by which corners, through which gland, how far on. */
export function WayForm({ plan, way, panels, onGone }: Props) {
  const desk = useDesk();
  const system = useUnits();
  const { id } = way;
  const patch = (change: Partial<CableWay>, gesture?: string) =>
    desk.change({ type: "patchInSpace", list: "ways", id, patch: change }, gesture && `way:${id}:${gesture}`);
  const line = wayLine(way, plan, panels);
  const { overMm, cutMm } = wayLength(way, line);
  const [first] = line;
  const last = line.at(-1);
  const surface = plan.space.surfaces.find((each) => each.id === way.surfaceId);
  const leadMm = plan.space.leadMm ?? defaultLeadMm;
  const byEdges = () => {
    if (surface === undefined || first === undefined || last === undefined) return;
    const corners = alongEdges(surface, first, last).map(([xMm, yMm]) => ({
      xMm: Math.round(xMm),
      yMm: Math.round(yMm),
    }));
    patch({ corners });
  };
  const glands = plan.space.glands.filter(({ surfaceId }) => surfaceId === way.surfaceId);
  return (
    <Box sx={{ display: "grid", gap: 1 }}>
      <TextLine
        label="Name"
        value={way.name}
        most={80}
        onValue={(name) => patch({ name }, "name")}
        onDone={desk.endGesture}
      />
      <Box sx={two}>
        <ChoiceField
          label="From the leads of"
          value={way.from === null ? "none" : keyOf(way.from)}
          options={[
            { value: "none", text: "no panel" },
            ...panels.map((panel) => ({ value: panel.id, text: pieceName(plan, panel.id) })),
          ]}
          onChoice={(key) => patch({ from: key === "none" ? null : partsOfKey(key) })}
        />
        <ChoiceField
          label="To"
          value={way.glandId ?? "none"}
          options={[
            { value: "none", text: "its last corner" },
            ...glands.map((gland) => ({ value: gland.id, text: gland.name })),
          ]}
          onChoice={(glandId) => patch({ glandId: glandId === "none" ? null : glandId })}
        />
        <Quantity
          label="On from there"
          spec="wayMm"
          value={way.onMm}
          onValue={(onMm) => patch({ onMm }, "on")}
          help="To where it is joined."
        />
        <Quantity
          label="Slack"
          spec="slackPct"
          value={way.slackPct}
          onValue={(slackPct) => patch({ slackPct }, "slack")}
          help="Cut longer than measured: cut last."
        />
      </Box>
      <p style={{ margin: 0 }}>
        <strong className="num">{amount(cutMm, "mm", system)}</strong> to cut: {amount(overMm, "mm", system)} over the
        surface, {amount(way.onMm, "mm", system)} on, {way.slackPct} % slack. Twice that for plus and minus.
        {way.from !== null &&
          (overMm <= leadMm
            ? ` The panel’s own leads of ${amount(leadMm, "mm", system)} reach.`
            : ` The panel’s own leads of ${amount(leadMm, "mm", system)} are ${amount(overMm - leadMm, "mm", system)} short.`)}
      </p>
      {way.corners.length > 0 && <CornersForm of={{ list: "ways", id }} least={0} most={40} />}
      <Box sx={{ display: "flex", gap: 0.5, flexWrap: "wrap" }}>
        <TextButton disabled={way.from === null || way.glandId === null} onClick={byEdges}>
          Along the edges
        </TextButton>
        <TextButton disabled={way.corners.length === 0} onClick={() => patch({ corners: [] })}>
          Straight
        </TextButton>
        <TextButton
          onClick={() =>
            patch({
              corners: [...way.corners, { xMm: Math.round((first?.[0] ?? 0) + 200), yMm: Math.round(first?.[1] ?? 0) }],
            })
          }
        >
          Round a corner
        </TextButton>
        <TextButton
          onClick={() => {
            desk.change({ type: "removeFromSpace", list: "ways", id });
            onGone();
          }}
        >
          Take it away
        </TextButton>
      </Box>
    </Box>
  );
}
