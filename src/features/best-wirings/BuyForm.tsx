"use client";

import { assumedPrices, type PanelOffer } from "@/core/wiring/best-wirings";
import { type Plan } from "@/core/plan";
import { type FieldName, fieldSpecs } from "@/core/engine/units";
import { useDesk } from "@/features/plan-session";
import { ChoiceField, QuantityField, TextButton } from "@/ui";
import style from "./finder.module.css";
import { buyFormTexts } from "@/messages/en/best-wirings/view";

type Shopping = Plan["shopping"];

const roomWords: Readonly<Record<Shopping["room"], string>> = {
  any: "anywhere",
  surface: buyFormTexts.onASurfaceDrawnAtLayout,
  area: buyFormTexts.onAPlainArea,
  lockers: buyFormTexts.inTheLockersAtLayout,
};

/** What limits buying: money, room, weight; kept in the plan. */
export function BuyForm({ plan, panels }: { readonly plan: Plan; readonly panels: readonly PanelOffer[] }) {
  const desk = useDesk();
  const { shopping, space } = plan;
  const put = (patch: Partial<Shopping>, gesture?: string) =>
    desk.change({ type: "setShopping", patch }, gesture === undefined ? undefined : `shopping:${gesture}`);
  const number = (
    name: "budget" | "delivery" | "adapter" | "lengthMm" | "widthMm" | "carryKg",
    label: string,
    spec: FieldName,
    help: string,
    placeholder: string,
  ) => (
    <QuantityField
      label={label}
      spec={fieldSpecs[spec]}
      value={shopping[name]}
      onValue={(value) => put({ [name]: value }, name)}
      onDone={desk.endGesture}
      help={help}
      placeholder={placeholder}
    />
  );
  return (
    <div className={style["form"]}>
      {number("budget", buyFormTexts.budget, "price", buyFormTexts.everythingTogetherInTheCurrency, "no limit")}
      {number("delivery", buyFormTexts.delivery, "price", buyFormTexts.onceForTheOrder, "0 assumed")}
      {number(
        "adapter",
        buyFormTexts.leadsAndAdapterForAPvInput,
        "price",
        buyFormTexts.forPanelsWhoseConnectorsDoNotFit,
        buyFormTexts.portAssumed(assumedPrices.port),
      )}
      <QuantityField
        label={buyFormTexts.soldInLotsOf}
        spec={fieldSpecs.count}
        value={shopping.lot}
        onValue={(value) => put({ lot: value ?? 1 }, "lot")}
        onDone={desk.endGesture}
        help={buyFormTexts.soldInLotsOfHelp}
        required
      />
      {number("carryKg", buyFormTexts.maxWeight, "weightKg", buyFormTexts.ofAllBoughtPanelsTogether, "no limit")}
      <ChoiceField
        label={buyFormTexts.placeForThePanels}
        value={shopping.room}
        options={Object.entries(roomWords).map(([value, text]) => ({ value: value as Shopping["room"], text }))}
        onChoice={(room) => put({ room })}
      />
      {shopping.room === "area" && (
        <>
          {number(
            "lengthMm",
            buyFormTexts.lengthOfTheArea,
            "surfaceMm",
            buyFormTexts.freeLengthWithoutObstacles,
            "no limit",
          )}
          {number(
            "widthMm",
            buyFormTexts.widthOfTheArea,
            "surfaceMm",
            buyFormTexts.freeWidthWithoutObstacles,
            "no limit",
          )}
        </>
      )}
      {shopping.room === "surface" && space.surfaces.length > 0 && (
        <ChoiceField
          label={buyFormTexts.surface}
          value={shopping.surfaceId ?? space.surfaces[0]?.id ?? ""}
          options={space.surfaces.map(({ id, name }) => ({ value: id, text: name }))}
          onChoice={(surfaceId) => put({ surfaceId })}
        />
      )}
      {shopping.room === "surface" && space.surfaces.length === 0 && (
        <p className={style["small"]}>{buyFormTexts.noSurfaceYetDrawOneAtLayout}</p>
      )}
      <p className={style["note"]}>{buyFormTexts.theBudgetCoversEverythingInThe}</p>
      <div className={style["wide"]}>
        <TextButton aria-pressed={shopping.inputsToo} onClick={() => put({ inputsToo: !shopping.inputsToo })}>
          {buyFormTexts.alsoBuyAController}
        </TextButton>
        <details>
          <summary>{buyFormTexts.panelsThatComeAsAKitAndPlug(shopping.plugsIn.length)}</summary>
          <div className={style["bar"]} role="group" aria-label={buyFormTexts.kits}>
            {panels.map(({ id, sheet }) => {
              const isKit = shopping.plugsIn.includes(id);
              return (
                <TextButton
                  key={id}
                  aria-pressed={isKit}
                  onClick={() =>
                    put({ plugsIn: isKit ? shopping.plugsIn.filter((each) => each !== id) : [...shopping.plugsIn, id] })
                  }
                >
                  {sheet.name}
                </TextButton>
              );
            })}
          </div>
        </details>
      </div>
    </div>
  );
}
