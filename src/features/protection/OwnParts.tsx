"use client";

import { ownPartsTexts } from "@/messages/en/protection/parts";
import Box from "@mui/material/Box";
import { type ReactNode, useState } from "react";
import { plugKinds } from "@/core/protection/cabling";
import { type Plan } from "@/core/plan";
import { type Adapter, defaultPanelKind } from "@/core/protection/connectors";
import { fieldSpecs } from "@/core/engine/units";
import { useDesk } from "@/features/plan-session";
import { ChoiceField, newId, QuantityField, TextButton, TextLine } from "@/ui";

/** Kinds of plug and adapters that are on no list: named, rated, used at once. */
export function OwnParts({ plan }: { readonly plan: Plan }) {
  const desk = useDesk();
  const { kinds, adapters } = plan.protect;
  const all = plugKinds(plan);
  const [fromId, setFromId] = useState(defaultPanelKind);
  const [toId, setToId] = useState("modular");
  const nameOf = (id: string) => all.find((kind) => kind.id === id)?.name ?? id;
  const patchKind = (id: string, patch: Partial<(typeof kinds)[number]>, gesture: string) =>
    desk.change(
      { type: "setProtect", patch: { kinds: kinds.map((kind) => (kind.id === id ? { ...kind, ...patch } : kind)) } },
      `kind:${id}:${gesture}`,
    );
  const patchAdapter = (id: string, patch: Partial<Adapter>, gesture: string) =>
    desk.change(
      {
        type: "setProtect",
        patch: { adapters: adapters.map((each) => (each.id === id ? { ...each, ...patch } : each)) },
      },
      `adapter:${id}:${gesture}`,
    );
  return (
    <Box sx={{ display: "grid", gap: 1.5 }}>
      {kinds.map(({ id, name, maxA, maxV, turns }) => (
        <OwnPart
          key={id}
          what={ownPartsTexts.connector}
          name={name}
          onName={(next) => patchKind(id, { name: next }, "name")}
          onRemove={() => desk.change({ type: "setProtect", patch: { kinds: kinds.filter((kind) => kind.id !== id) } })}
        >
          <TextButton aria-pressed={turns} onClick={() => patchKind(id, { turns: !turns }, "turns")}>
            {ownPartsTexts.canBeMatedEitherWayRoundPolarity}
          </TextButton>
          <AmpsField
            label={ownPartsTexts.ratedCurrent}
            value={maxA}
            onValue={(next) => patchKind(id, { maxA: next }, "amps")}
          />
          <QuantityField
            label={ownPartsTexts.ratedVoltage}
            spec={fieldSpecs.plugV}
            value={maxV}
            required
            onValue={(next) => patchKind(id, { maxV: next ?? maxV }, "volts")}
            onDone={desk.endGesture}
            help={ownPartsTexts.ratedVoltageHelp}
          />
        </OwnPart>
      ))}
      <TextButton
        onClick={() =>
          desk.change({
            type: "setProtect",
            patch: {
              kinds: [
                ...kinds,
                {
                  id: newId(),
                  name: ownPartsTexts.connectorNumber(kinds.length + 1),
                  maxA: 10,
                  maxV: 60,
                  turns: false,
                },
              ],
            },
          })
        }
      >
        {ownPartsTexts.addAKindOfConnector}
      </TextButton>
      {adapters.map(({ id, name, reverses, maxA, fromId: from, toId: to }) => (
        <OwnPart
          key={id}
          what={ownPartsTexts.adapter}
          name={name}
          onName={(next) => patchAdapter(id, { name: next }, "name")}
          onRemove={() =>
            desk.change({ type: "setProtect", patch: { adapters: adapters.filter((each) => each.id !== id) } })
          }
        >
          <TextButton aria-pressed={reverses} onClick={() => patchAdapter(id, { reverses: !reverses }, "reverses")}>
            {ownPartsTexts.swapsAnd}
          </TextButton>
          <span>{ownPartsTexts.fromNameToToName(nameOf(from), nameOf(to))}</span>
          <AmpsField
            label={ownPartsTexts.ratedCurrent}
            value={maxA}
            onValue={(next) => patchAdapter(id, { maxA: next }, "amps")}
          />
        </OwnPart>
      ))}
      <Box sx={{ display: "grid", gap: 1, gridTemplateColumns: "1fr 1fr" }}>
        <ChoiceField
          label={ownPartsTexts.from}
          value={fromId}
          options={all.map(({ id, name }) => ({ value: id, text: name }))}
          onChoice={setFromId}
        />
        <ChoiceField
          label={ownPartsTexts.to}
          value={toId}
          options={all.map(({ id, name }) => ({ value: id, text: name }))}
          onChoice={setToId}
        />
      </Box>
      <TextButton
        onClick={() =>
          desk.change({
            type: "setProtect",
            patch: {
              adapters: [
                ...adapters,
                {
                  id: newId(),
                  name: ownPartsTexts.fromNameToToName(nameOf(fromId), nameOf(toId)).slice(0, 80),
                  fromId,
                  toId,
                  reverses: false,
                  maxA: 10,
                  price: null,
                },
              ],
            },
          })
        }
      >
        {ownPartsTexts.addAnAdapterOfMyOwnBetweenThese}
      </TextButton>
    </Box>
  );
}

type OwnPartProps = {
  readonly what: string;
  readonly name: string;
  readonly onName: (name: string) => void;
  readonly onRemove: () => void;
  readonly children: ReactNode;
};

/** What both have: a name, what it does, and a way off the list. */
function OwnPart({ what, name, onName, onRemove, children }: OwnPartProps) {
  const desk = useDesk();
  return (
    <Box sx={{ display: "grid", gap: 1, gridTemplateColumns: "1fr 1fr", borderBottom: "1px solid var(--line)", pb: 1 }}>
      <TextLine label={what} value={name} most={80} onValue={onName} onDone={desk.endGesture} />
      {children}
      <TextButton onClick={onRemove}>{ownPartsTexts.deleteItFromTheList}</TextButton>
    </Box>
  );
}

type AmpsProps = { readonly label: string; readonly value: number; readonly onValue: (amps: number) => void };

function AmpsField({ label, value, onValue }: AmpsProps) {
  const desk = useDesk();
  return (
    <QuantityField
      label={label}
      spec={fieldSpecs.plugA}
      value={value}
      required
      onValue={(next) => onValue(next ?? value)}
      onDone={desk.endGesture}
      help={ownPartsTexts.continuousCurrentAFromItsData}
    />
  );
}
