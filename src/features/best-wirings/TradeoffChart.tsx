"use client";

import { scaleLinear } from "d3-scale";
import { type KeyboardEvent, useId, useRef, useState } from "react";
import { type Goal, type Point } from "@/core/wiring/best-wirings";
import { TextButton, useWidth } from "@/ui";
import { counted, goalWords, percent, scoreWords } from "@/messages/en";
import style from "./finder.module.css";
import { tradeoffChartTexts } from "@/messages/en/best-wirings/view";

type Across = "marginPct" | "money" | "shadePct";
const acrossWords: Readonly<Record<Across, { readonly name: string; readonly axis: string }>> = {
  marginPct: { name: tradeoffChartTexts.margin, axis: tradeoffChartTexts.marginBelowTheMaxPvVoltageOnThe },
  money: { name: tradeoffChartTexts.parts, axis: tradeoffChartTexts.approximatePriceOfPartsInYour },
  shadePct: { name: tradeoffChartTexts.shade, axis: tradeoffChartTexts.shareOfNoonPowerLostWhenOneCell },
};

type Props = {
  readonly points: readonly Point[];
  readonly offers: readonly {
    readonly score: number;
    readonly at: Readonly<Record<Across, number>>;
    readonly name: string;
  }[];
  readonly goal: Goal;
  readonly chosen: number | null;
  readonly onChoose: (point: number) => void;
};

const height = 270;
const inset = { left: 54, right: 14, top: 12, bottom: 40 } as const;

/** All wirings that were considered, each a point: energy upwards, something else across. Arrow keys go from one to the next. */
export function TradeoffChart({ points, offers, goal, chosen, onChoose }: Props) {
  const [across, setAcross] = useState<Across>("marginPct");
  const box = useRef<HTMLDivElement>(null);
  const width = useWidth(box, 640);
  const id = useId();
  const values = [...points.map((point) => point[across]), ...offers.map(({ at }) => at[across])];
  const [least, most] = [Math.min(0, ...values), Math.max(0, ...values)];
  const highest = Math.max(1e-6, ...points.map(({ score }) => score), ...offers.map(({ score }) => score));
  const x = scaleLinear([least, most > 0 ? most * 1.04 : 1], [inset.left, width - inset.right]).nice();
  const y = scaleLinear([0, highest * 1.04], [height - inset.bottom, inset.top]).nice();
  const sorted = points.map((point, k) => ({ point, k })).sort((a, b) => b.point.score - a.point.score);
  const step = (event: KeyboardEvent) => {
    const by = { ArrowDown: 1, ArrowRight: 1, ArrowUp: -1, ArrowLeft: -1 }[event.key];
    if (by === undefined || sorted.length === 0) return;
    event.preventDefault();
    const now = sorted.findIndex(({ k }) => k === chosen);
    const next = sorted[Math.min(sorted.length - 1, Math.max(0, now < 0 ? 0 : now + by))];
    if (next !== undefined) onChoose(next.k);
  };
  return (
    <div>
      <div className={style["bar"]} role="group" aria-label={tradeoffChartTexts.whatTheHorizontalAxisShows}>
        {(Object.keys(acrossWords) as Across[]).map((key) => (
          <TextButton key={key} aria-pressed={key === across} onClick={() => setAcross(key)}>
            {acrossWords[key].name}
          </TextButton>
        ))}
      </div>
      <div
        ref={box}
        className={style["field"]}
        role="listbox"
        tabIndex={0}
        aria-label={tradeoffChartTexts.pointCountWiringsHighestHarvest(counted(points.length, "wiring"))}
        aria-activedescendant={chosen === null ? undefined : `${id}-${chosen}`}
        onKeyDown={step}
      >
        <svg width={width} height={height} role="presentation">
          {y.ticks(5).map((tick) => (
            <g key={tick}>
              <path d={`M${inset.left} ${y(tick)}H${width - inset.right}`} className={style["rule"]} />
              <text x={inset.left - 8} y={y(tick) + 4} textAnchor="end" className={style["tick"]}>
                {tick}
              </text>
            </g>
          ))}
          {x.ticks(width > 500 ? 8 : 4).map((tick) => (
            <text key={tick} x={x(tick)} y={height - inset.bottom + 18} textAnchor="middle" className={style["tick"]}>
              {tick}
            </text>
          ))}
          <text x={(inset.left + width) / 2} y={height - 4} textAnchor="middle" className={style["tick"]}>
            {acrossWords[across].axis}
          </text>
          {points.map((point, k) => (
            <circle
              key={k}
              id={`${id}-${k}`}
              role="option"
              aria-selected={k === chosen}
              aria-label={tradeoffChartTexts.scoreMarginMarginPct(
                scoreWords(point.score, goal),
                percent(point.marginPct),
              )}
              cx={x(point[across])}
              cy={y(point.score)}
              r={k === chosen ? 8 : 4.5}
              className={k === chosen ? style["chosen"] : style["point"]}
              onClick={() => onChoose(k)}
            />
          ))}
          {offers.map(({ score, at, name }) => (
            <g key={name} transform={`translate(${x(at[across])} ${y(score)})`} className={style["offered"]}>
              <path d="M0 -8L7 0L0 8L-7 0Z" />
              <title>{name}</title>
            </g>
          ))}
        </svg>
      </div>
      <p className={style["small"]}>
        {tradeoffChartTexts.upwards} {goal.type === "noon" ? "W" : tradeoffChartTexts.kWh}{" "}
        {tradeoffChartTexts.goalApproximateEachRoundPointIsA(goalWords(goal))}
      </p>
    </div>
  );
}
