"use client";

import { plugsSheetTexts } from "@/messages/en/protection/parts";
import Box from "@mui/material/Box";
import { adaptersOf, plugKinds, type PortChain } from "@/core/protection/cabling";
import { type Plan, type PortEnd } from "@/core/plan";
import { type Adapter, defaultPanelKind } from "@/core/protection/connectors";
import { type PortArrayReport } from "@/core/protection/diagram";
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
  const used = new Set(tilesOf(wiring.portArrays).map(({ panelId }) => panelId));
  const kinds = plan.panels.filter(({ id }) => used.has(id));
  return (
    <>
      <Wirings />
      <Columns beside="390px">
        <Box sx={{ display: "grid", gap: 2, minWidth: 0 }}>
          <Region title={plugsSheetTexts.connectorsOfThePanels}>
            {kinds.length === 0 ? (
              <p style={{ margin: 0 }}>{plugsSheetTexts.nothingIsWiredYet}</p>
            ) : (
              <Box sx={{ display: "grid", gap: 1.5 }}>
                {kinds.map(({ id, label }) => (
                  <PanelEndForm key={id} plan={plan} panelId={id} name={label.name} />
                ))}
              </Box>
            )}
          </Region>
          {(report?.portArrays ?? []).map((portArray) => (
            <Region
              key={`${portArray.inputId}/${portArray.portId}`}
              title={`${shortName(portArray.inputName)}: ${portArray.portName}`}
            >
              <PortEndForm plan={plan} portArray={portArray} />
            </Region>
          ))}
        </Box>
        <Box sx={{ display: "grid", gap: 2, minWidth: 0 }}>
          <Region title={plugsSheetTexts.findings}>
            <StepFindings
              step="protection"
              nothing="Select a cable in the diagram and enter its length: Golden Array then calculates its size and voltage drop."
            />
          </Region>
          <Region title={plugsSheetTexts.yourOwnConnectorsAndAdapters}>
            <OwnParts plan={plan} />
          </Region>
        </Box>
      </Columns>
    </>
  );
}

const turnedOptions = [
  { value: "unknown", text: "not checked" },
  { value: "right", text: plugsSheetTexts.correctMeasured },
  { value: "turned", text: plugsSheetTexts.reversedMeasured },
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
          label={plugsSheetTexts.polarityAsAssembled}
          value={turnedOf(end.turned)}
          options={turnedOptions}
          onChoice={(value) => desk.change({ type: "setPanelEnd", end: { ...end, turned: isTurned(value) } })}
        />
      )}
    </Box>
  );
}

function PortEndForm({ plan, portArray }: { readonly plan: Plan; readonly portArray: PortArrayReport }) {
  const desk = useDesk();
  const { inputId, portId, chain } = portArray;
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
          label={plugsSheetTexts.connectorOfThePvInput}
          value={said === undefined ? "" : end.kindId}
          placeholder={plugsSheetTexts.nameAssumed(chain.to.name)}
          options={kinds.map(({ id, name }) => ({ value: id, text: name }))}
          onChoice={(kindId) => put({ kindId })}
        />
        <ChoiceField
          label={plugsSheetTexts.polarityOfThePvInputsConnector}
          value={end.reversed ? "reversed" : "usual"}
          options={[
            { value: "usual", text: "standard" },
            { value: "reversed", text: "reversed" },
          ]}
          onChoice={(value) => put({ reversed: value === "reversed" })}
        />
      </Box>
      <ol className={sheetStyle["steps"]} aria-label={plugsSheetTexts.fromThePanelsToThePvInput}>
        <li>{plugsSheetTexts.nameOnThePanelsSide(chain.from.name)}</li>
        {chain.links.map(({ adapter, turned }, k) => (
          <li key={`${adapter.id} ${k}`}>
            {adapter.name}
            {adapter.reverses ? plugsSheetTexts.swapsAnd : ""} ({given(adapter.maxA, "A")})
            {canTurn(adapter, kinds) && (
              <ChoiceField
                label={plugsSheetTexts.adapterKPolarityAsAssembled(k + 1)}
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
        <li>{plugsSheetTexts.nameOnThePvInput(chain.to.name)}</li>
      </ol>
      {portArray.unlike.map(({ fromName, toName, adapters: between }, k) => (
        <p key={k} style={{ margin: 0 }}>
          {plugsSheetTexts.inAStringFromNameMeetsToName(fromName, toName)}{" "}
          {between === null
            ? plugsSheetTexts.noKnownAdapterJoinsThem
            : plugsSheetTexts.betweenBetweenThem(between.map(({ name }) => name).join(", then "))}
        </p>
      ))}
      <p style={{ margin: 0 }}>
        {!chain.isFound
          ? plugsSheetTexts.noChainOfKnownAdaptersFitsAndIs
          : chain.isSaid
            ? plugsSheetTexts.thisIsTheChainYouEntered
            : plugsSheetTexts.theFewestAdaptersThatFitAndThe}
      </p>
      <div className={sheetStyle["buttons"]}>
        {chain.isSaid ? (
          <TextButton onClick={() => put({ chain: null })}>{plugsSheetTexts.findTheAdapters}</TextButton>
        ) : (
          <TextButton onClick={() => put({ chain: asLinks(chain.links) })}>
            {plugsSheetTexts.enterTheAdaptersIHave}
          </TextButton>
        )}
        {chain.isSaid && chain.links.length > 0 && (
          <TextButton onClick={() => put({ chain: asLinks(chain.links).slice(0, -1) })}>
            {plugsSheetTexts.removeTheLastAdapter}
          </TextButton>
        )}
      </div>
      {chain.isSaid && chain.links.length < 8 && (
        <ChoiceField
          label={plugsSheetTexts.addAnAdapter}
          value=""
          placeholder={plugsSheetTexts.anAdapterThatFits}
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
