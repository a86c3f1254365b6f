"use client";

import Box from "@mui/material/Box";
import { type Locker, pieceName } from "@/core/plan";
import { foldedIn, stow } from "@/core/layout/storage";
import { useDesk, usePlan } from "@/features/plan-session";
import { newId, Region, Table, TextButton, TextLine, useUnits } from "@/ui";
import { amount } from "@/messages/en";
import { Quantity, Stated } from "./Quantity";
import { lockersTexts } from "@/messages/en/layout/view";

/** For panels that fold: what they take when they are put away, which locker they go into, and what they give for their room and weight. */
export function Lockers() {
  const desk = useDesk();
  const plan = usePlan();
  const system = useUnits();
  const folded = foldedIn(plan);
  const stowing = stow(plan);
  const add = () => {
    const item: Locker = {
      id: newId(),
      name:
        plan.space.lockers.length === 0
          ? lockersTexts.bootTrunk
          : lockersTexts.lockerNumber(plan.space.lockers.length + 1),
      lengthMm: 900,
      widthMm: 600,
      heightMm: 300,
      maxKg: null,
    };
    desk.change({ type: "putInSpace", list: "lockers", item });
  };
  return (
    <Box
      sx={{
        display: "grid",
        gap: 2,
        gridTemplateColumns: { xs: "minmax(0, 1fr)", md: "1fr 1fr" },
        alignItems: "start",
      }}
    >
      <Region title={lockersTexts.foldingPanels}>
        {folded.length === 0 ? (
          <p style={{ margin: 0 }}>{lockersTexts.noFoldingPanelOrSolarBlanketIn}</p>
        ) : (
          <Table
            label={lockersTexts.foldingPanelsAsATable}
            figures
            head={[
              lockersTexts.panel,
              lockersTexts.folded,
              lockersTexts.weight,
              lockersTexts.wPerLiter,
              lockersTexts.wPerKg,
            ]}
          >
            <tbody>
              {folded.map(({ panelId, name, pieces, sizeMm, kg, wPerLitre, wPerKg }) => (
                <tr key={panelId}>
                  <th scope="row">
                    {pieces.length} × {name}
                  </th>
                  <td>
                    {sizeMm === null
                      ? lockersTexts.notOnItsLabel
                      : sizeMm.map((side) => Math.round(side)).join(" × ") + lockersTexts.mm}
                  </td>
                  <td>{kg === null ? lockersTexts.notEntered : amount(kg, "kg", system)}</td>
                  <td>{wPerLitre === null ? "–" : wPerLitre.toFixed(1)}</td>
                  <td>{wPerKg === null ? "–" : wPerKg.toFixed(1)}</td>
                </tr>
              ))}
            </tbody>
          </Table>
        )}
        <p style={{ margin: "8px 0 0", fontSize: "0.8125rem" }}>{lockersTexts.theFoldedSizeIsOnTheLabelEnterIt}</p>
      </Region>
      <Region title={lockersTexts.lockers}>
        {plan.space.lockers.map((locker) => {
          const into = stowing.lockers.find(({ lockerId }) => lockerId === locker.id);
          return (
            <LockerForm
              key={locker.id}
              locker={locker}
              holds={(into?.keys ?? []).map((key) => pieceName(plan, key))}
              kg={amount(into?.kg ?? 0, "kg", system)}
            />
          );
        })}
        {stowing.left.length > 0 && plan.space.lockers.length > 0 && (
          <p style={{ margin: "0 0 8px" }} role="status">
            {lockersTexts.noSpaceForLeft(stowing.left.map((key) => pieceName(plan, key)).join(", "))}
          </p>
        )}
        <TextButton look={plan.space.lockers.length === 0 ? "amber" : "outlined"} onClick={add}>
          {plan.space.lockers.length === 0 ? lockersTexts.addALockerOrTheBootTrunk : lockersTexts.addAnotherLocker}
        </TextButton>
      </Region>
    </Box>
  );
}

function LockerForm({
  locker,
  holds,
  kg,
}: {
  readonly locker: Locker;
  readonly holds: readonly string[];
  readonly kg: string;
}) {
  const desk = useDesk();
  const { id } = locker;
  const patch = (change: Partial<Locker>, gesture: string) =>
    desk.change({ type: "patchInSpace", list: "lockers", id, patch: change }, `locker:${id}:${gesture}`);
  return (
    <Box sx={{ display: "grid", gap: 1, mb: 2, pb: 1, borderBottom: "1px solid var(--line)" }}>
      <TextLine
        label={lockersTexts.name}
        value={locker.name}
        most={80}
        onValue={(name) => patch({ name }, "name")}
        onDone={desk.endGesture}
      />
      <Box sx={{ display: "grid", gap: 1, gridTemplateColumns: "1fr 1fr" }}>
        <Quantity
          label={lockersTexts.insideLength}
          spec="surfaceMm"
          value={locker.lengthMm}
          onValue={(lengthMm) => patch({ lengthMm }, "length")}
          help={lockersTexts.insideHelp}
        />
        <Quantity
          label={lockersTexts.insideWidth}
          spec="surfaceMm"
          value={locker.widthMm}
          onValue={(widthMm) => patch({ widthMm }, "width")}
          help={lockersTexts.insideHelp}
        />
        <Quantity
          label={lockersTexts.insideHeight}
          spec="surfaceMm"
          value={locker.heightMm}
          onValue={(heightMm) => patch({ heightMm }, "height")}
          help={lockersTexts.insideHelp}
        />
        <Stated
          label={lockersTexts.maxLoad}
          spec="loadKg"
          value={locker.maxKg}
          onValue={(maxKg) => patch({ maxKg }, "kg")}
          help={lockersTexts.maxLoadHelp}
        />
      </Box>
      <p style={{ margin: 0 }} role="status">
        {holds.length === 0 ? lockersTexts.noFoldingPanelFits : lockersTexts.fitsHoldsKg(holds.join(", "), kg)}
      </p>
      <Box>
        <TextButton onClick={() => desk.change({ type: "removeFromSpace", list: "lockers", id })}>
          {lockersTexts.deleteName(locker.name)}
        </TextButton>
      </Box>
    </Box>
  );
}
