"use client";

import { assumedPrices, type PanelOffer } from "@/core/wiring/best-wirings";
import { type Plan } from "@/core/plan";
import { type FieldName, fieldSpecs } from "@/core/engine/units";
import { useDesk } from "@/features/plan-session";
import { ChoiceField, QuantityField, TextButton } from "@/ui";
import style from "./finder.module.css";

type Shopping = Plan["shopping"];

const roomWords: Readonly<Record<Shopping["room"], string>> = {
  any: "anywhere",
  surface: "on a surface drawn at Layout",
  area: "on a plain area",
  lockers: "in the lockers of Layout",
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
      {number("budget", "Money to spend", "price", "All together, in the currency of the prices.", "no limit")}
      {number("delivery", "Delivery", "price", "Once for the order.", "0 assumed")}
      {number(
        "adapter",
        "Leads and adapter, a port",
        "price",
        "For panels that do not plug straight into the input.",
        `${assumedPrices.port} assumed`,
      )}
      <QuantityField
        label="Sold in lots of"
        spec={fieldSpecs.count}
        value={shopping.lot}
        onValue={(value) => put({ lot: value ?? 1 }, "lot")}
        onDone={desk.endGesture}
        help="Panels that have to be bought together."
        required
      />
      {number("carryKg", "Weight at most", "weightKg", "Of all bought panels together.", "no limit")}
      <ChoiceField
        label="They are to go"
        value={shopping.room}
        options={Object.entries(roomWords).map(([value, text]) => ({ value: value as Shopping["room"], text }))}
        onChoice={(room) => put({ room })}
      />
      {shopping.room === "area" && (
        <>
          {number("lengthMm", "Area’s length", "surfaceMm", "What is free, without obstacles.", "no limit")}
          {number("widthMm", "Area’s width", "surfaceMm", "What is free, without obstacles.", "no limit")}
        </>
      )}
      {shopping.room === "surface" && space.surfaces.length > 0 && (
        <ChoiceField
          label="Surface"
          value={shopping.surfaceId ?? space.surfaces[0]?.id ?? ""}
          options={space.surfaces.map(({ id, name }) => ({ value: id, text: name }))}
          onChoice={(surfaceId) => put({ surfaceId })}
        />
      )}
      {shopping.room === "surface" && space.surfaces.length === 0 && (
        <p className={style["small"]}>No surface is drawn yet: draw one at Layout.</p>
      )}
      <p className={style["note"]}>
        Money is all together, in the currency of the prices; delivery is paid once, leads and adapters for each port
        used by panels that do not plug straight in; lots are panels that are only sold together; weight is of all
        bought panels.
      </p>
      <div className={style["wide"]}>
        <TextButton aria-pressed={shopping.inputsToo} onClick={() => put({ inputsToo: !shopping.inputsToo })}>
          An input may be bought too
        </TextButton>
        <details>
          <summary>Panels that come as a kit and plug straight in: {shopping.plugsIn.length}</summary>
          <div className={style["bar"]} role="group" aria-label="Kits">
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
