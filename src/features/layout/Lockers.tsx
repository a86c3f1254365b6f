"use client";

import Box from "@mui/material/Box";
import { type Locker, pieceName } from "@/core/plan";
import { foldedIn, stow } from "@/core/layout/storage";
import { useDesk, usePlan } from "@/features/plan-session";
import { newId, Region, Table, TextButton, TextLine, useUnits } from "@/ui";
import { amount } from "@/messages/en";
import { Quantity, Stated } from "./Quantity";

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
      name: plan.space.lockers.length === 0 ? "Boot" : `Locker ${plan.space.lockers.length + 1}`,
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
      <Region title="What folds">
        {folded.length === 0 ? (
          <p style={{ margin: 0 }}>No folding panel and no blanket in this plan.</p>
        ) : (
          <Table label="Table of what folds" figures head={["Panel", "Folded", "Weight", "W per litre", "W per kg"]}>
            <tbody>
              {folded.map(({ panelId, name, pieces, sizeMm, kg, wPerLitre, wPerKg }) => (
                <tr key={panelId}>
                  <th scope="row">
                    {pieces.length} × {name}
                  </th>
                  <td>
                    {sizeMm === null ? "not on its label" : sizeMm.map((side) => Math.round(side)).join(" × ") + " mm"}
                  </td>
                  <td>{kg === null ? "not said" : amount(kg, "kg", system)}</td>
                  <td>{wPerLitre === null ? "–" : wPerLitre.toFixed(1)}</td>
                  <td>{wPerKg === null ? "–" : wPerKg.toFixed(1)}</td>
                </tr>
              ))}
            </tbody>
          </Table>
        )}
        <p style={{ margin: "8px 0 0", fontSize: "0.8125rem" }}>
          The folded size stands on the label: type it at Panels. In use they stand on the ground: nothing to draw.
        </p>
      </Region>
      <Region title="Where they go">
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
            No room for {stowing.left.map((key) => pieceName(plan, key)).join(", ")}.
          </p>
        )}
        <TextButton look={plan.space.lockers.length === 0 ? "amber" : "outlined"} onClick={add}>
          {plan.space.lockers.length === 0 ? "Add a locker or the boot" : "Another locker"}
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
        label="Name"
        value={locker.name}
        most={80}
        onValue={(name) => patch({ name }, "name")}
        onDone={desk.endGesture}
      />
      <Box sx={{ display: "grid", gap: 1, gridTemplateColumns: "1fr 1fr" }}>
        <Quantity
          label="Length"
          spec="surfaceMm"
          value={locker.lengthMm}
          onValue={(lengthMm) => patch({ lengthMm }, "length")}
          help="Inside."
        />
        <Quantity
          label="Width"
          spec="surfaceMm"
          value={locker.widthMm}
          onValue={(widthMm) => patch({ widthMm }, "width")}
          help="Inside."
        />
        <Quantity
          label="Height"
          spec="surfaceMm"
          value={locker.heightMm}
          onValue={(heightMm) => patch({ heightMm }, "height")}
          help="Inside."
        />
        <Stated
          label="Bears"
          spec="loadKg"
          value={locker.maxKg}
          onValue={(maxKg) => patch({ maxKg }, "kg")}
          help="Empty: not counted."
        />
      </Box>
      <p style={{ margin: 0 }} role="status">
        {holds.length === 0 ? "Takes none of them." : `Takes ${holds.join(", ")}: ${kg}.`}
      </p>
      <Box>
        <TextButton onClick={() => desk.change({ type: "removeFromSpace", list: "lockers", id })}>
          Take {locker.name} away
        </TextButton>
      </Box>
    </Box>
  );
}
