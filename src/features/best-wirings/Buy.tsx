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
import { StringsPicture } from "./StringsPicture";
import { useBuy } from "./useBuy";
import { buyTexts } from "@/messages/en/best-wirings/view";
import { commonTexts } from "@/messages/en/common/view";

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
    desk.set({ said: buyTexts.purchaseAddedToThePlanAndToThe(purchaseName(purchase)) });
  };
  return (
    <>
      <BuyForm plan={plan} panels={panelOffers} />
      <div className={style["ask"]}>
        {shop.share === null ? (
          <TextButton look="amber" disabled={panelOffers.length === 0} onClick={shop.ask}>
            {found === null ? buyTexts.findWhatToBuy : buyTexts.searchAgain}
          </TextButton>
        ) : (
          <>
            <progress value={shop.share} aria-label={buyTexts.searchingTheLibrary} />
            <TextButton onClick={shop.cancel}>{buyTexts.cancel}</TextButton>
          </>
        )}
        {panels.state.type === "fault" && (
          <span role="alert">{buyTexts.couldNotReadTheLibraryMessage(panels.state.message)}</span>
        )}
      </div>
      {shop.fault !== null && <p role="alert">{commonTexts.couldNotCalculate(shop.fault)}</p>}
      {found === null ? (
        <p className={style["small"]}>{buyTexts.triesEveryKindOfPanelInThe}</p>
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
        {!isOfNow && <p>{commonTexts.planHasChanged}</p>}
        <p>
          {buyTexts.triedPurchasesTried(found.tried)}
          {found.ownedKwh > 0 ? buyTexts.whatYouOwnHarvestsAboutYearAYear(year(found.ownedKwh)) : ""}.{" "}
          {needSentence(found)}
        </p>
        <p>{buyTexts.boughtPanelsAreAssumedFlatAnd}</p>
      </div>
      {found.offers.length === 0 ? (
        <p>{buyTexts.nothingInTheLibraryFitsAllowMore}</p>
      ) : (
        <ul className={style["packets"]} aria-label={buyTexts.whatToBuy}>
          {found.offers.map(({ titles, purchase }) => {
            const name = titles.map((title) => buyTitleWords[title]).join(", ");
            return (
              <li key={titles.join()} className={style["packet"]} aria-label={name}>
                <div className={style["crimp"]} aria-hidden />
                <StringsPicture plan={plan} portArrays={purchase.portArrays} />
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
                  <Line name={buyTexts.harvestInAYear}>{buyTexts.aboutYear(year(purchase.kwh))}</Line>
                  <Line name={buyTexts.moreThanNow}>{buyTexts.aboutYear(year(purchase.moreKwh))}</Line>
                  <Line name={buyTexts.totalPrice}>
                    {purchase.money === null ? buyTexts.priceUnknown : money(purchase.money, purchase.currency)}
                  </Line>
                  <Line name={buyTexts.priceOfAWatt}>
                    {purchase.perW === null ? "–" : money(purchase.perW, purchase.currency)}
                  </Line>
                  <Line name={buyTexts.priceOfAKWhOfYearlyHarvest}>
                    {purchase.perYearKwh === null ? "–" : money(purchase.perYearKwh, purchase.currency)}
                  </Line>
                  <Line name={buyTexts.weight}>
                    {purchase.kg === null ? buyTexts.notStated : amount(purchase.kg, "kg", system)}
                  </Line>
                  {purchase.monthsMet !== null && (
                    <Line name={buyTexts.needMetIn}>{buyTexts.monthsMetOf12Months(purchase.monthsMet)}</Line>
                  )}
                </dl>
                <TextButton
                  look="amber"
                  disabled={!isOfNow}
                  aria-label={buyTexts.addToThePlanPurchase(purchaseName(purchase))}
                  onClick={() => onTake(purchase)}
                >
                  {buyTexts.addToThePlan}
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
  const bought = purchase.portArrays.length === 0 ? plan : planOf(plan, purchase);
  return (
    <ul className={style["made"]} aria-label={buyTexts.itsWiring}>
      {madeOf(bought, purchase.portArrays).map(({ port, strings }) => (
        <li key={port}>
          <b>{port}</b>: {strings}
        </li>
      ))}
    </ul>
  );
}

function planOf(plan: Plan, { panel, count, input }: Purchase): Plan {
  return planBought(plan, panel, count, input).plan;
}
