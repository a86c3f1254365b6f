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
import { pairSheetTexts } from "@/messages/en/commissioning/view";

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
  if (all.length < 2) return <p>{pairSheetTexts.thisTestNeedsTwoPanels}</p>;
  const modelOf = (key: string) => kindOfPiece(plan, partsOfKey(key), cache)?.model ?? null;
  const [a, b] = [modelOf(first.key), modelOf(second.key)];
  const found =
    a === null || b === null || first.key === second.key
      ? []
      : sideBySide({ model: a, read: first }, { model: b, read: second });
  const [one, other] = [pieceName(plan, first.key), pieceName(plan, second.key)];
  return (
    <Columns beside="minmax(0, 1fr)">
      <Region title={pairSheetTexts.twoPanelsOneSky}>
        <p style={{ marginTop: 0 }}>{pairSheetTexts.placeBothAtTheSameTiltAnd}</p>
        <Box sx={{ display: "grid", gap: 2, gridTemplateColumns: { xs: "1fr", sm: "1fr 1fr" } }}>
          <SideForm name={pairSheetTexts.firstPanel} side={first} all={all} onSide={setFirst} />
          <SideForm name={pairSheetTexts.secondPanel} side={second} all={all} onSide={setSecond} />
        </Box>
      </Region>
      <Region title={pairSheetTexts.result}>
        {first.key === second.key ? (
          <p style={{ margin: 0 }}>{pairSheetTexts.chooseTwoDifferentPanels}</p>
        ) : found.length === 0 ? (
          <p style={{ margin: 0 }}>{pairSheetTexts.enterTheOpenCircuitVoltageVocOf}</p>
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
        label={pairSheetTexts.nameVoc(name)}
        spec={panelFields.vocV}
        value={side.openV}
        onValue={(openV) => onSide({ ...side, openV })}
        onDone={() => undefined}
        help={pairSheetTexts.withNothingConnectedToThePanel}
      />
      <QuantityField
        label={pairSheetTexts.nameIsc(name)}
        spec={panelFields.iscA}
        value={side.shortA}
        onValue={(shortA) => onSide({ ...side, shortA })}
        onDone={() => undefined}
        help={pairSheetTexts.meterInIts10ASocketForAtMostTen}
      />
    </Box>
  );
}
