"use client";

import Box from "@mui/material/Box";
import { useMemo, useState } from "react";
import { sideBySide } from "@/core/commissioning";
import { createSolveCache, kindOfPiece } from "@/core/plan-model";
import { panelFields, pieceName } from "@/core/plan";
import { keyOf, partsOfKey } from "@/core/engine/array";
import { usePlan } from "@/features/plan-session";
import { ChoiceField, Columns, LevelMark, QuantityField, Region } from "@/ui";
import { sideBySideSentence } from "@/messages/en";

type Side = { readonly key: string; readonly openV: number | null; readonly shortA: number | null };

/** Two panels read one after the other under the same sky: no light has to be known. */
export function PairSheet() {
  const plan = usePlan();
  const cache = useMemo(() => createSolveCache(), []);
  const all = plan.panels.flatMap(({ id, pieces }) =>
    pieces.map(({ number }) => keyOf({ panelId: id, piece: number })),
  );
  const [first, setFirst] = useState<Side>({ key: all[0] ?? "", openV: null, shortA: null });
  const [second, setSecond] = useState<Side>({ key: all[1] ?? "", openV: null, shortA: null });
  if (all.length < 2) return <p>It takes two panels.</p>;
  const modelOf = (key: string) => kindOfPiece(plan, partsOfKey(key), cache)?.model ?? null;
  const [a, b] = [modelOf(first.key), modelOf(second.key)];
  const found =
    a === null || b === null || first.key === second.key
      ? []
      : sideBySide({ model: a, read: first }, { model: b, read: second });
  const [one, other] = [pieceName(plan, first.key), pieceName(plan, second.key)];
  return (
    <Columns beside="minmax(0, 1fr)">
      <Region title="Two panels, one sky">
        <p style={{ marginTop: 0 }}>
          Lay them alike, read one right after the other with the same meter, and keep your shadow off. Their labels say
          what their readings should be to each other, whatever the light.
        </p>
        <Box sx={{ display: "grid", gap: 2, gridTemplateColumns: { xs: "1fr", sm: "1fr 1fr" } }}>
          <SideForm name="First panel" side={first} all={all} onSide={setFirst} />
          <SideForm name="Second panel" side={second} all={all} onSide={setSecond} />
        </Box>
      </Region>
      <Region title="What that says">
        {first.key === second.key ? (
          <p style={{ margin: 0 }}>Choose two different ones.</p>
        ) : found.length === 0 ? (
          <p style={{ margin: 0 }}>Type the open volts of both, or the shorted amps of both.</p>
        ) : (
          found.map((each) => (
            <p key={each.quantity} role="status" style={{ display: "flex", gap: 8, margin: "0 0 8px" }}>
              <LevelMark level={each.says === "alike" ? "good" : "care"} size={18} decorative={false} />
              <span>{sideBySideSentence(each, one, other)}</span>
            </p>
          ))
        )}
      </Region>
    </Columns>
  );
}

type FormProps = {
  readonly name: string;
  readonly side: Side;
  readonly all: readonly string[];
  readonly onSide: (side: Side) => void;
};

function SideForm({ name, side, all, onSide }: FormProps) {
  const plan = usePlan();
  return (
    <Box sx={{ display: "grid", gap: 1, alignContent: "start" }}>
      <ChoiceField
        label={name}
        value={side.key}
        options={all.map((key) => ({ value: key, text: pieceName(plan, key) }))}
        onChoice={(key) => onSide({ ...side, key })}
      />
      <QuantityField
        label={`${name}: open volts`}
        spec={panelFields.vocV}
        value={side.openV}
        onValue={(openV) => onSide({ ...side, openV })}
        onDone={() => undefined}
        help="With nothing joined to it."
      />
      <QuantityField
        label={`${name}: shorted amps`}
        spec={panelFields.iscA}
        value={side.shortA}
        onValue={(shortA) => onSide({ ...side, shortA })}
        onDone={() => undefined}
        help="The meter on 10 A, for no more than ten seconds."
      />
    </Box>
  );
}
