"use client";

import { memo } from "react";
import { type PlanPanel } from "@/core/plan";
import { type TileState } from "@/core/plan-model";
import { keyOf, type Stand, type PanelRef, type PanelKey } from "@/core/engine/array";
import { amount, counted, shortName } from "@/messages/en";
import style from "./board.module.css";
import { TilePicture } from "./TilePicture";
import { tileViewTexts } from "@/messages/en/string-board/view";

type Props = {
  readonly tile: PanelRef;
  readonly stand: Stand;
  readonly panel: PlanPanel;
  readonly substrings: number;
  readonly state: TileState | null;
  readonly selected: boolean;
  readonly lit: boolean;
  readonly where: string;
  readonly onSelect: (key: PanelKey, more: boolean) => void;
};

/** A panel on the board: press to select, drag to move. Its cell groups are shaded by their buttons or by key, never by a press on it. */
export const TileView = memo(function TileView({
  tile,
  stand,
  panel,
  substrings,
  state,
  selected,
  lit,
  where,
  onSelect,
}: Props) {
  const key = keyOf(tile);
  const words = stateWords(tile, stand, state);
  const kept = keptWords(tile, stand);
  return (
    <button
      type="button"
      data-tile={key}
      data-lit={lit}
      className={style["tile"]}
      aria-pressed={selected}
      onClick={(event: React.MouseEvent) => onSelect(key, event.ctrlKey || event.metaKey || event.shiftKey)}
    >
      <span className={style["picture"]}>
        <TilePicture
          label={panel.label}
          tile={tile}
          stand={stand}
          substrings={substrings}
          bypassed={state?.substrings.map((part) => part.bypassed) ?? []}
        />
      </span>
      <span className={`num ${style["tileWords"]}`}>
        <span className={style["tileName"]}>
          {tileName(panel.label.name)} · {tile.piece}
        </span>
        <span className="visually-hidden">{`, ${panel.label.name}, ${where}${words === "" ? "" : `, ${words}`}. `}</span>
        <span className={style["tileState"]}>
          {kept !== "" ? kept : state === null ? "" : amount(state.p, "W")}
          {stand.tiltDeg === 0 ? "" : ` ∠${stand.tiltDeg}°`}
        </span>
      </span>
    </button>
  );
}, sameTile);

/** States are new objects at every verdict; a tile is drawn again only when what it shows has changed. */
function sameTile(a: Props, b: Props): boolean {
  const alike =
    a.tile === b.tile &&
    (a.stand === b.stand || JSON.stringify(a.stand) === JSON.stringify(b.stand)) &&
    a.panel === b.panel &&
    a.substrings === b.substrings &&
    a.selected === b.selected &&
    a.lit === b.lit &&
    a.where === b.where &&
    a.onSelect === b.onSelect;
  return alike && (a.state === b.state || stateKey(a.state) === stateKey(b.state));
}

/** What a panel shows of its state, as text. */
export function stateKey(state: TileState | null): string {
  return state === null
    ? ""
    : `${amount(state.v, "V")}${amount(state.i, "A")}${amount(state.p, "W")}${state.substrings.map((part) => (part.bypassed ? 1 : 0)).join("")}`;
}

/** Why a panel gives nothing: it is taken out, or stowed; else nothing is said. */
export function keptWords({ bypassed }: PanelRef, { stance }: Stand): string {
  return bypassed ? "bypassed" : stance === "stowed" ? "stowed" : "";
}

/** What a panel is in and does, for those who do not see it and for the reading under the board. */
export function stateWords(tile: PanelRef, stand: Stand, state: TileState | null): string {
  const kept = keptWords(tile, stand);
  const shaded = stand.light.filter((share) => share < 1).length;
  const bypassed = state?.substrings.filter((part) => part.bypassed).length ?? 0;
  return [
    kept === "" ? null : kept,
    stand.tiltDeg === 0 ? null : tileViewTexts.tiltedTiltDeg(stand.tiltDeg),
    shaded === 0
      ? null
      : stand.light.length === 1
        ? "shaded"
        : tileViewTexts.shadedShaded(counted(shaded, "cell group")),
    state === null ? null : `${amount(state.v, "V")}, ${amount(state.i, "A")}, ${amount(state.p, "W")}`,
    state === null
      ? null
      : bypassed > 0
        ? tileViewTexts.bypassedOfSubstringCountCell(bypassed, state.substrings.length)
        : "none bypassed",
  ]
    .filter((part) => part !== null)
    .join(", ");
}

/** The model's own short mark, "MG-195" out of "Mossgate MG-195, half-cut"; a name that ends in no such mark stands whole. */
export function tileName(name: string): string {
  const head = shortName(name).trim();
  const last = head.split(/\s+/).at(-1) ?? head;
  return /\d/.test(last) ? last : head;
}
