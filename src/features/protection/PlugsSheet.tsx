"use client";

import Box from "@mui/material/Box";
import { adaptersOf, plugKinds, type PortChain } from "@/core/protection/cabling";
import { type Plan, type PortEnd } from "@/core/plan";
import { type Adapter, defaultPanelKind } from "@/core/protection/connectors";
import { type LaneReport } from "@/core/protection/diagram";
import { tilesOf } from "@/core/engine/array";
import { useDesk, usePlan, useWiring } from "@/features/plan-session";
import { StepFindings } from "@/features/checks";
import { Columns, ChoiceField, Region, TextButton, sheetStyle } from "@/ui";
import { given, shortName } from "@/messages/en";
import { useProtect } from "./facts";
import { OwnParts } from "./OwnParts";
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
            <Region key={`${lane.inputId}/${lane.portId}`} title={`${shortName(lane.inputName)}: ${lane.portName}`}>
              <PortEndForm plan={plan} lane={lane} />
            </Region>
          ))}
        </Box>
        <Box sx={{ display: "grid", gap: 2, minWidth: 0 }}>
          <Region title="To do and to know">
            <StepFindings
              step="protection"
              nothing="Press a cable in the drawing and say how long it is: then it is sized, and what it loses is known."
            />
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
  { value: "unknown", text: "not checked" },
  { value: "right", text: "correct (measured)" },
  { value: "turned", text: "reversed (measured)" },
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
    kindId: defaultPanelKind,
    turned: null,
  };
  const kinds = plugKinds(plan);
  const kind = kinds.find(({ id }) => id === end.kindId);
  return (
    <Box sx={{ display: "grid", gap: 1, gridTemplateColumns: { xs: "1fr", sm: "1fr 1fr" } }}>
      <ChoiceField
        label={shortName(name)}
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
          label="Polarity of the socket"
          value={end.reversed ? "reversed" : "usual"}
          options={[
            { value: "usual", text: "standard" },
            { value: "reversed", text: "reversed" },
          ]}
          onChoice={(value) => put({ reversed: value === "reversed" })}
        />
      </Box>
      <ol className={sheetStyle["steps"]} aria-label="From the panels to the socket">
        <li>{chain.from.name}, on the panels’ side</li>
        {chain.links.map(({ adapter, turned }, k) => (
          <li key={`${adapter.id} ${k}`}>
            {adapter.name}
            {adapter.reverses ? ": turns plus and minus round" : ""} ({given(adapter.maxA, "A")})
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
          ? "No chain of the adapters known fits and is rated for the current."
          : chain.isSaid
            ? "This is the chain you said."
            : "The fewest adapters that fit, and of those the cheapest."}
      </p>
      <div className={sheetStyle["buttons"]}>
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
