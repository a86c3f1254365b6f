"use client";

import { amount } from "@/messages/en";
import { type SeasonGoal } from "./goals";
import style from "./need.module.css";
import { goalScaleTexts } from "@/messages/en/need/view";

const [width, height, left, right] = [320, 118, 8, 40];

/** The watts two methods ask for, as two pencils' marks on one scale; the panels of the plan as a bar along it. */
export function GoalScale({ goal, ownedW, tiltDeg }: { goal: SeasonGoal; ownedW: number; tiltDeg: number }) {
  const { quickW, flatW, tiltedW } = goal;
  const most = niceAbove(Math.max(quickW, flatW ?? 0, tiltedW ?? 0, ownedW, 50));
  const at = (watts: number) => left + (watts / most) * (width - left - right);
  const steps = Array.from({ length: 5 }, (_, k) => (most * k) / 4);
  const words = [
    goalScaleTexts.quickRuleQuickW(amount(quickW, "W")),
    flatW === null ? "computed: no sun in that month" : goalScaleTexts.calculatedFlatFlatW(amount(flatW, "W")),
    tiltedW === null ? "" : goalScaleTexts.calculatedTiltedTiltDegDegrees(tiltDeg, amount(tiltedW, "W")),
    goalScaleTexts.inThisPlanOwnedW(amount(ownedW, "W")),
  ];
  return (
    <>
      <svg
        viewBox={`0 0 ${width} ${height}`}
        className={style["scale"]}
        role="img"
        aria-label={words.filter((each) => each !== "").join("; ")}
      >
        <rect x={left} y={58} width={Math.max(0, at(ownedW) - left)} height={12} className={style["owned"]} />
        <line x1={left} x2={width - right + 6} y1={70} y2={70} className={style["axis"]} />
        {steps.map((watts) => (
          <g key={watts} transform={`translate(${at(watts)} 70)`}>
            <line y2={5} className={style["axis"]} />
            <text y={17} textAnchor="middle" className={style["tick"]}>
              {watts === most ? `${watts.toFixed(0)} W` : watts.toFixed(0)}
            </text>
          </g>
        ))}
        <path d={`M${at(quickW)} 56 v-40`} className={style["quick"]} />
        <text x={at(quickW)} y={12} textAnchor={at(quickW) > width / 2 ? "end" : "start"} className={style["mark"]}>
          {goalScaleTexts.quickRule}
        </text>
        {flatW !== null && tiltedW !== null && (
          <>
            <rect
              x={at(Math.min(flatW, tiltedW))}
              y={38}
              width={Math.abs(at(flatW) - at(tiltedW)) + 3}
              height={18}
              className={style["computed"]}
            />
            <text
              x={at((flatW + tiltedW) / 2)}
              y={33}
              textAnchor={at(tiltedW) > width / 2 ? "end" : "start"}
              className={style["mark"]}
            >
              {goalScaleTexts.calculated}
            </text>
          </>
        )}
        <text x={left} y={106} className={style["mark"]}>
          {goalScaleTexts.barPanelsInThisPlan}
        </text>
      </svg>
      <ul className={style["answers"]}>
        <li>
          <span>{goalScaleTexts.quickRule2}</span> <strong className="num">{amount(quickW, "W")}</strong>
        </li>
        <li>
          <span>{goalScaleTexts.calculatedFlat}</span>{" "}
          <strong className="num">{flatW === null ? goalScaleTexts.noSun : amount(flatW, "W")}</strong>
        </li>
        <li>
          <span>{goalScaleTexts.calculatedTiltedTiltDeg(tiltDeg)}</span>{" "}
          <strong className="num">{tiltedW === null ? goalScaleTexts.noSun : amount(tiltedW, "W")}</strong>
        </li>
        <li>
          <span>{goalScaleTexts.inThisPlan}</span> <strong className="num">{amount(ownedW, "W")}</strong>
        </li>
      </ul>
    </>
  );
}

/** A round number at or above. */
function niceAbove(value: number): number {
  const size = 10 ** Math.floor(Math.log10(value));
  return [1, 2, 4, 8, 10].map((times) => times * size).find((round) => round >= value) ?? 10 * size;
}
