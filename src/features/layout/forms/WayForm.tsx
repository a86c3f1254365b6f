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
import { wayFormTexts } from "@/messages/en/layout/forms";

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
        label={wayFormTexts.name}
        value={way.name}
        most={80}
        onValue={(name) => patch({ name }, "name")}
        onDone={desk.endGesture}
      />
      <Box sx={two}>
        <ChoiceField
          label={wayFormTexts.fromTheLeadsOf}
          value={way.from === null ? "none" : keyOf(way.from)}
          options={[
            { value: "none", text: "no panel" },
            ...panels.map((panel) => ({ value: panel.id, text: pieceName(plan, panel.id) })),
          ]}
          onChoice={(key) => patch({ from: key === "none" ? null : partsOfKey(key) })}
        />
        <ChoiceField
          label={wayFormTexts.to}
          value={way.glandId ?? "none"}
          options={[
            { value: "none", text: wayFormTexts.itsLastCorner },
            ...glands.map((gland) => ({ value: gland.id, text: gland.name })),
          ]}
          onChoice={(glandId) => patch({ glandId: glandId === "none" ? null : glandId })}
        />
        <Quantity
          label={wayFormTexts.onwardLength}
          spec="wayMm"
          value={way.onMm}
          onValue={(onMm) => patch({ onMm }, "on")}
          help={wayFormTexts.onwardLengthHelp}
        />
        <Quantity
          label={wayFormTexts.extraLength}
          spec="slackPct"
          value={way.slackPct}
          onValue={(slackPct) => patch({ slackPct }, "slack")}
          help={wayFormTexts.extraLengthHelp}
        />
      </Box>
      <p style={{ margin: 0 }}>
        <strong className="num">{amount(cutMm, "mm", system)}</strong>{" "}
        {wayFormTexts.cutLengthOverMmOnTheSurfaceOnMm(
          amount(overMm, "mm", system),
          amount(way.onMm, "mm", system),
          way.slackPct,
        )}
        {way.from !== null &&
          (overMm <= leadMm
            ? wayFormTexts.thePanelsOwnLeadsOfLeadMmAreLong(amount(leadMm, "mm", system))
            : wayFormTexts.thePanelsOwnLeadsOfLeadMmAre(
                amount(leadMm, "mm", system),
                amount(overMm - leadMm, "mm", system),
              ))}
      </p>
      {way.corners.length > 0 && <CornersForm of={{ list: "ways", id }} least={0} most={40} />}
      <Box sx={{ display: "flex", gap: 0.5, flexWrap: "wrap" }}>
        <TextButton disabled={way.from === null || way.glandId === null} onClick={byEdges}>
          {wayFormTexts.followTheEdges}
        </TextButton>
        <TextButton disabled={way.corners.length === 0} onClick={() => patch({ corners: [] })}>
          {wayFormTexts.straight}
        </TextButton>
        <TextButton
          onClick={() =>
            patch({
              corners: [...way.corners, { xMm: Math.round((first?.[0] ?? 0) + 200), yMm: Math.round(first?.[1] ?? 0) }],
            })
          }
        >
          {wayFormTexts.aroundACorner}
        </TextButton>
        <TextButton
          onClick={() => {
            desk.change({ type: "removeFromSpace", list: "ways", id });
            onGone();
          }}
        >
          {wayFormTexts.delete}
        </TextButton>
      </Box>
    </Box>
  );
}
