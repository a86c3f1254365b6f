"use client";

import { useMemo } from "react";
import { type ApiClient } from "@/api";
import { type Bought, buyChanges, planBought, type Purchase } from "@/core/wiring/best-wirings";
import { type Plan } from "@/core/plan";
import { useDesk, useLibrary, usePlan, useWiring } from "@/features/plan-session";
import { TextButton, useUnits } from "@/ui";
import {
  amount,
  buySentence,
  buyTitleWords,
  madeOf,
  money,
  needSentence,
  purchaseName,
  scoreAmount,
} from "@/messages/en";
import { BuyForm } from "./BuyForm";
import { InputTable, KindTable, PwmLines } from "./BuyTables";
import style from "./finder.module.css";
import { RowsPicture } from "./RowsPicture";
import { useBuy } from "./useBuy";

const panelShelf = (client: ApiClient) => client.panels;
const inputShelf = (client: ApiClient) => client.inputs;

/** What to buy: what limits it, then packets of what is best in some way, then all kinds and inputs side by side. */
export function Buy() {
  const desk = useDesk();
  const plan = usePlan();
  const wiring = useWiring();
  const panels = useLibrary(panelShelf);
  const inputs = useLibrary(inputShelf);
  const panelOffers = useMemo(
    () => (panels.state.type === "ready" ? panels.state.records.map(({ id, sheet }) => ({ id, sheet })) : []),
    [panels.state],
  );
  const inputOffers = useMemo(
    () => (inputs.state.type === "ready" ? inputs.state.records.map(({ id, sheet }) => ({ id, sheet })) : []),
    [inputs.state],
  );
  const shop = useBuy(plan, wiring.id, panelOffers, inputOffers);
  const found = shop.value;
  const take = (purchase: Purchase) => {
    desk.changeAll(buyChanges(plan, wiring.id, purchase));
    desk.set({ said: `${purchaseName(purchase)} in the plan and on the board; undo takes it back.` });
  };
  return (
    <>
      <BuyForm plan={plan} panels={panelOffers} />
      <div className={style["ask"]}>
        {shop.share === null ? (
          <TextButton look="amber" disabled={panelOffers.length === 0} onClick={shop.ask}>
            {found === null ? "Go shopping" : "Go again"}
          </TextButton>
        ) : (
          <>
            <progress value={shop.share} aria-label="Going through the library" />
            <TextButton onClick={shop.cancel}>Cancel</TextButton>
          </>
        )}
        {panels.state.type === "fault" && <span role="alert">The library cannot be read: {panels.state.message}</span>}
      </div>
      {shop.fault !== null && <p role="alert">It could not be worked out: {shop.fault}.</p>}
      {found === null ? (
        <p className={style["small"]}>
          Every kind of panel of the library is tried in every number that money, room and weight allow, beside what you
          own, each wired as well as may be. Nothing a rule stops is offered, and nothing is bought by looking.
        </p>
      ) : (
        <Answers plan={plan} found={found} isOfNow={shop.isOfNow} onTake={take} />
      )}
    </>
  );
}

type AnswersProps = {
  readonly plan: Plan;
  readonly found: Bought;
  readonly isOfNow: boolean;
  readonly onTake: (purchase: Purchase) => void;
};

function Answers({ plan, found, isOfNow, onTake }: AnswersProps) {
  const system = useUnits();
  return (
    <>
      <div className={style["small"]} role="status">
        {!isOfNow && <p>The plan has changed since: these are of the plan before. Go again.</p>}
        <p>
          {found.tried} purchases tried
          {found.ownedKwh > 0 ? `; what you own brings about ${year(found.ownedKwh)} a year` : ""}.{" "}
          {needSentence(found)}
        </p>
        <p>Bought panels are taken to lie flat in the open, until they are laid at Layout or mounted at Need.</p>
      </div>
      {found.offers.length === 0 ? (
        <p>Nothing in the library fits: allow more money, room or weight, or an input that may be bought too.</p>
      ) : (
        <ul className={style["packets"]} aria-label="What to buy">
          {found.offers.map(({ titles, purchase }) => {
            const name = titles.map((title) => buyTitleWords[title]).join(", ");
            return (
              <li key={titles.join()} className={style["packet"]} aria-label={name}>
                <div className={style["crimp"]} aria-hidden />
                <RowsPicture plan={plan} lanes={purchase.lanes} />
                <h3 className={style["name"]}>{name}</h3>
                <p className={style["price"]}>
                  <strong>{purchaseName(purchase)}</strong>
                </p>
                {titles.map((title) => (
                  <p key={title} className={style["why"]}>
                    {buySentence(title, purchase)}
                  </p>
                ))}
                <Wired plan={plan} purchase={purchase} />
                <dl className={style["print"]}>
                  <Line name="A year then brings">about {year(purchase.kwh)}</Line>
                  <Line name="More than now">about {year(purchase.moreKwh)}</Line>
                  <Line name="All to pay">
                    {purchase.money === null ? "price unknown" : money(purchase.money, purchase.currency)}
                  </Line>
                  <Line name="For a watt">
                    {purchase.perW === null ? "–" : money(purchase.perW, purchase.currency)}
                  </Line>
                  <Line name="For a kWh of a year">
                    {purchase.perYearKwh === null ? "–" : money(purchase.perYearKwh, purchase.currency)}
                  </Line>
                  <Line name="Weight">{purchase.kg === null ? "not stated" : amount(purchase.kg, "kg", system)}</Line>
                  {purchase.monthsMet !== null && <Line name="Need met in">{purchase.monthsMet} of 12 months</Line>}
                </dl>
                <TextButton
                  look="amber"
                  disabled={!isOfNow}
                  aria-label={`Put it in the plan: ${purchaseName(purchase)}`}
                  onClick={() => onTake(purchase)}
                >
                  Put it in the plan
                </TextButton>
              </li>
            );
          })}
        </ul>
      )}
      <KindTable plan={plan} kinds={found.kinds} />
      <InputTable inputs={found.inputs} purchase={best(found)} />
      <PwmLines lines={found.pwm} />
    </>
  );
}

/** Energy of a year, as finely as a quick year knows it. */
const year = (energyKwh: number) => scoreAmount(energyKwh, { type: "year" });

function best({ offers }: Bought): Purchase | null {
  return offers.find(({ titles }) => titles.includes("maxEnergy"))?.purchase ?? null;
}

function Line({ name, children }: { readonly name: string; readonly children: React.ReactNode }) {
  return (
    <div>
      <dt>{name}</dt>
      <dd className="num">{children}</dd>
    </div>
  );
}

/** How it is wired, with the names of what is bought. */
function Wired({ plan, purchase }: { readonly plan: Plan; readonly purchase: Purchase }) {
  const bought = purchase.lanes.length === 0 ? plan : planOf(plan, purchase);
  return (
    <ul className={style["made"]} aria-label="How it is wired">
      {madeOf(bought, purchase.lanes).map(({ port, rows }) => (
        <li key={port}>
          <b>{port}</b>: {rows}
        </li>
      ))}
    </ul>
  );
}

function planOf(plan: Plan, { panel, count, input }: Purchase): Plan {
  return planBought(plan, panel, count, input).plan;
}
