"use client";

import Box from "@mui/material/Box";
import { useState } from "react";
import { adaptersOf, plugKinds, type PortChain } from "@/core/copper";
import { type Plan, type PortEnd } from "@/core/plan";
import { type Adapter, usualPanelKind } from "@/core/plug";
import { type LaneReport } from "@/core/protect";
import { tilesOf } from "@/core/wiring";
import { fieldSpecs } from "@/core/units";
import { useDesk, usePlan, useWiring } from "@/features/desk";
import { ChoiceField, newId, QuantityField, Region, TextButton, TextLine } from "@/ui";
import { given, headOf } from "@/words";
import { useProtect } from "./facts";
import style from "./protect.module.css";
import { Columns } from "./Columns";
import { ToDo } from "./ToDo";
import { Wirings } from "./Wirings";

/** What the panels end in, what the sockets are, and the adapters between; polarity followed from joint to joint. */
export function PlugsSheet() {
  const plan = usePlan();
  const wiring = useWiring();
  const { report } = useProtect();
  const used = new Set(tilesOf(wiring.lanes).map(({ panelId }) => panelId));
  const kinds = plan.panels.filter(({ id }) => used.has(id));
  return (
    <>
      <Wirings />
      <Columns beside="390px">
        <Box sx={{ display: "grid", gap: 2, minWidth: 0 }}>
          <Region title="What the panels end in">
            {kinds.length === 0 ? (
              <p style={{ margin: 0 }}>Nothing is wired yet.</p>
            ) : (
              <Box sx={{ display: "grid", gap: 1.5 }}>
                {kinds.map(({ id, label }) => (
                  <PanelEndForm key={id} plan={plan} panelId={id} name={label.name} />
                ))}
              </Box>
            )}
          </Region>
          {(report?.lanes ?? []).map((lane) => (
            <Region key={`${lane.inputId}/${lane.portId}`} title={`${headOf(lane.inputName)}: ${lane.portName}`}>
              <PortEndForm plan={plan} lane={lane} />
            </Region>
          ))}
        </Box>
        <Box sx={{ display: "grid", gap: 2, minWidth: 0 }}>
          <Region title="To do and to know">
            <ToDo />
          </Region>
          <Region title="Plugs and adapters of your own">
            <OwnParts plan={plan} />
          </Region>
        </Box>
      </Columns>
    </>
  );
}

const turnedOptions = [
  { value: "unknown", text: "nobody has looked" },
  { value: "right", text: "right, by the meter" },
  { value: "turned", text: "the wrong way round" },
] as const;
type Turned = (typeof turnedOptions)[number]["value"];
const turnedOf = (turned: boolean | null): Turned => (turned === null ? "unknown" : turned ? "turned" : "right");
const isTurned = (value: Turned): boolean | null => (value === "unknown" ? null : value === "turned");

function PanelEndForm({
  plan,
  panelId,
  name,
}: {
  readonly plan: Plan;
  readonly panelId: string;
  readonly name: string;
}) {
  const desk = useDesk();
  const end = plan.protect.panelEnds.find((each) => each.panelId === panelId) ?? {
    panelId,
    kindId: usualPanelKind,
    turned: null,
  };
  const kinds = plugKinds(plan);
  const kind = kinds.find(({ id }) => id === end.kindId);
  return (
    <Box sx={{ display: "grid", gap: 1, gridTemplateColumns: { xs: "1fr", sm: "1fr 1fr" } }}>
      <ChoiceField
        label={headOf(name)}
        value={end.kindId}
        options={kinds.map(({ id, name: text }) => ({ value: id, text }))}
        onChoice={(kindId) => desk.change({ type: "setPanelEnd", end: { ...end, kindId } })}
      />
      {kind?.turns === true && (
        <ChoiceField
          label="Put together"
          value={turnedOf(end.turned)}
          options={turnedOptions}
          onChoice={(value) => desk.change({ type: "setPanelEnd", end: { ...end, turned: isTurned(value) } })}
        />
      )}
    </Box>
  );
}

function PortEndForm({ plan, lane }: { readonly plan: Plan; readonly lane: LaneReport }) {
  const desk = useDesk();
  const { inputId, portId, chain } = lane;
  const kinds = plugKinds(plan);
  const said = plan.protect.portEnds.find((end) => end.inputId === inputId && end.portId === portId);
  const end: PortEnd = said ?? { inputId, portId, kindId: chain.to.id, reversed: false, chain: null };
  const put = (patch: Partial<PortEnd>) => desk.change({ type: "setPortEnd", end: { ...end, ...patch } });
  const asLinks = (links: PortChain["links"]) =>
    links.map(({ adapter, turned }) => ({ adapterId: adapter.id, turned }));
  const adapters = adaptersOf(plan);
  // what the next adapter has to fit
  const comesId = chain.links.at(-1)?.adapter.toId ?? chain.from.id;
  const fitting = adapters.filter(({ fromId }) => fromId === comesId);
  return (
    <Box sx={{ display: "grid", gap: 1 }}>
      <Box sx={{ display: "grid", gap: 1, gridTemplateColumns: { xs: "1fr", sm: "1fr 1fr" } }}>
        <ChoiceField
          label="Its socket"
          value={said === undefined ? "" : end.kindId}
          placeholder={`${chain.to.name}, assumed`}
          options={kinds.map(({ id, name }) => ({ value: id, text: name }))}
          onChoice={(kindId) => put({ kindId })}
        />
        <ChoiceField
          label="Its plus and minus"
          value={end.reversed ? "reversed" : "usual"}
          options={[
            { value: "usual", text: "as such plugs have them" },
            { value: "reversed", text: "the other way round" },
          ]}
          onChoice={(value) => put({ reversed: value === "reversed" })}
        />
      </Box>
      <ol className={style["steps"]} aria-label="From the panels to the socket">
        <li>{chain.from.name}, on the panels’ side</li>
        {chain.links.map(({ adapter, turned }, k) => (
          <li key={`${adapter.id} ${k}`}>
            {adapter.name}
            {adapter.reverses ? ": turns plus and minus round" : ""} ({given(adapter.mostA, "A")})
            {canTurn(adapter, kinds) && (
              <ChoiceField
                label={`Adapter ${k + 1} put together`}
                value={turnedOf(turned)}
                options={turnedOptions}
                onChoice={(value) =>
                  put({
                    chain: asLinks(chain.links).map((link, n) =>
                      n === k ? { ...link, turned: isTurned(value) } : link,
                    ),
                  })
                }
              />
            )}
          </li>
        ))}
        <li>{chain.to.name}, on the input</li>
      </ol>
      {lane.unlike.map(({ fromName, toName, adapters: between }, k) => (
        <p key={k} style={{ margin: 0 }}>
          In a row {fromName} meets {toName}:{" "}
          {between === null
            ? "no adapter known joins them."
            : `${between.map(({ name }) => name).join(", then ")} between them.`}
        </p>
      ))}
      <p style={{ margin: 0 }}>
        {!chain.isFound
          ? "No chain of the adapters known fits and bears the amps."
          : chain.isSaid
            ? "This is the chain you said."
            : "The fewest adapters that fit, and of those the cheapest."}
      </p>
      <div className={style["buttons"]}>
        {chain.isSaid ? (
          <TextButton onClick={() => put({ chain: null })}>Find the chain for me</TextButton>
        ) : (
          <TextButton onClick={() => put({ chain: asLinks(chain.links) })}>This is what I have</TextButton>
        )}
        {chain.isSaid && chain.links.length > 0 && (
          <TextButton onClick={() => put({ chain: asLinks(chain.links).slice(0, -1) })}>
            Take the last adapter off
          </TextButton>
        )}
      </div>
      {chain.isSaid && chain.links.length < 8 && (
        <ChoiceField
          label="Put another adapter on"
          value=""
          placeholder="an adapter that fits"
          options={fitting.map(({ id, name }) => ({ value: id, text: name }))}
          onChoice={(adapterId) => put({ chain: [...asLinks(chain.links), { adapterId, turned: null }] })}
        />
      )}
    </Box>
  );
}

function canTurn({ fromId, toId }: Adapter, kinds: ReturnType<typeof plugKinds>): boolean {
  return kinds.some(({ id, turns }) => turns && (id === fromId || id === toId));
}

/** Kinds of plug and adapters that are on no list: named, rated, used at once. */
function OwnParts({ plan }: { readonly plan: Plan }) {
  const desk = useDesk();
  const { kinds, adapters } = plan.protect;
  const all = plugKinds(plan);
  const [fromId, setFromId] = useState(usualPanelKind);
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
      {kinds.map(({ id, name, mostA, mostV, turns }) => (
        <Box
          key={id}
          sx={{ display: "grid", gap: 1, gridTemplateColumns: "1fr 1fr", borderBottom: "1px solid var(--line)", pb: 1 }}
        >
          <TextLine
            label="Plug"
            value={name}
            most={80}
            onValue={(next) => patchKind(id, { name: next }, "name")}
            onDone={desk.endGesture}
          />
          <TextButton aria-pressed={turns} onClick={() => patchKind(id, { turns: !turns }, "turns")}>
            Goes together two ways
          </TextButton>
          <QuantityField
            label="Bears"
            spec={fieldSpecs.plugA}
            value={mostA}
            required
            onValue={(next) => patchKind(id, { mostA: next ?? mostA }, "amps")}
            onDone={desk.endGesture}
            help="Amps for good, as its sheet says."
          />
          <QuantityField
            label="Made for"
            spec={fieldSpecs.plugV}
            value={mostV}
            required
            onValue={(next) => patchKind(id, { mostV: next ?? mostV }, "volts")}
            onDone={desk.endGesture}
            help="Volts DC, as its sheet says."
          />
          <TextButton
            onClick={() =>
              desk.change({ type: "setProtect", patch: { kinds: kinds.filter((kind) => kind.id !== id) } })
            }
          >
            Take it off the list
          </TextButton>
        </Box>
      ))}
      <TextButton
        onClick={() =>
          desk.change({
            type: "setProtect",
            patch: {
              kinds: [...kinds, { id: newId(), name: `Plug ${kinds.length + 1}`, mostA: 10, mostV: 60, turns: false }],
            },
          })
        }
      >
        A plug of another kind
      </TextButton>
      {adapters.map(({ id, name, reverses, mostA, fromId: from, toId: to }) => (
        <Box
          key={id}
          sx={{ display: "grid", gap: 1, gridTemplateColumns: "1fr 1fr", borderBottom: "1px solid var(--line)", pb: 1 }}
        >
          <TextLine
            label="Adapter"
            value={name}
            most={80}
            onValue={(next) => patchAdapter(id, { name: next }, "name")}
            onDone={desk.endGesture}
          />
          <TextButton aria-pressed={reverses} onClick={() => patchAdapter(id, { reverses: !reverses }, "reverses")}>
            Turns plus and minus round
          </TextButton>
          <span>
            {nameOf(from)} to {nameOf(to)}
          </span>
          <QuantityField
            label="It bears"
            spec={fieldSpecs.plugA}
            value={mostA}
            required
            onValue={(next) => patchAdapter(id, { mostA: next ?? mostA }, "amps")}
            onDone={desk.endGesture}
            help="Amps for good, as its sheet says."
          />
          <TextButton
            onClick={() =>
              desk.change({ type: "setProtect", patch: { adapters: adapters.filter((each) => each.id !== id) } })
            }
          >
            Take it off the list
          </TextButton>
        </Box>
      ))}
      <Box sx={{ display: "grid", gap: 1, gridTemplateColumns: "1fr 1fr" }}>
        <ChoiceField
          label="From"
          value={fromId}
          options={all.map(({ id, name }) => ({ value: id, text: name }))}
          onChoice={setFromId}
        />
        <ChoiceField
          label="To"
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
                  name: `${nameOf(fromId)} to ${nameOf(toId)}`.slice(0, 80),
                  fromId,
                  toId,
                  reverses: false,
                  mostA: 10,
                  price: null,
                },
              ],
            },
          })
        }
      >
        An adapter of my own between these
      </TextButton>
    </Box>
  );
}
