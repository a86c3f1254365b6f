import { fieldSpecs } from "@/core/engine/units";
import { useDesk, usePlan } from "@/features/plan-session";
import { QuantityField } from "@/ui";
import { partPriceCellsTexts } from "@/messages/en/part-price/view";

type Props = {
  /** The part's key in the plan's prices. */ readonly part: string;
  readonly words: string;
  /** Of one, as it is assumed where no price is said. */ readonly assumedEach: number;
  readonly help: string;
};

/** Two cells of a row about a part: how many are there, and its price. What is typed is the plan's at once. */
export function PartPriceCells({ part, words, assumedEach, help }: Props) {
  const desk = useDesk();
  const said = usePlan().protect.prices.find((price) => price.part === part);
  const owned = said?.owned ?? 0;
  const put = (patch: { readonly each?: number | null; readonly owned?: number }, gesture: string) =>
    desk.change(
      { type: "setPartPrice", price: { part, each: said?.each ?? null, owned, ...patch } },
      `part:${part}:${gesture}`,
    );
  return (
    <>
      <td style={{ width: 76, minWidth: 76 }}>
        <QuantityField
          label={partPriceCellsTexts.wordsAlreadyHave(words)}
          labelHidden
          spec={fieldSpecs.owned}
          value={owned}
          required
          onValue={(next) => put({ owned: next ?? 0 }, "owned")}
          onDone={desk.endGesture}
          help={partPriceCellsTexts.howManyYouAlreadyHave}
        />
      </td>
      <td style={{ width: 92, minWidth: 92 }}>
        <QuantityField
          label={partPriceCellsTexts.wordsPrice(words)}
          labelHidden
          spec={fieldSpecs.price}
          value={said?.each ?? null}
          placeholder={assumedEach.toFixed(2)}
          onValue={(next) => put({ each: next }, "price")}
          onDone={desk.endGesture}
          help={help}
        />
      </td>
    </>
  );
}
