"use client";

import { type Band } from "@/core/commissioning";
import { type ReadQuantity } from "@/core/measurements";
import { readAmount } from "@/messages/en";
import style from "./meter.module.css";
import { meterFaceTexts } from "@/messages/en/multimeter/view";

type Props = { readonly band: Band | null; readonly value: number | null; readonly quantity: ReadQuantity };

const [width, height, middleX, middleY, radius] = [340, 150, 170, 168, 136];
/** From the left end of the scale to the right, degrees from straight up. */
const [leftDeg, rightDeg] = [-58, 58];

/** A meter of our own: what is due as a band on its scale, and what was typed as the hand that falls in or beside it. */
export function MeterFace({ band, value, quantity }: Props) {
  const most = niceMax(Math.max(band?.high ?? 0, Math.abs(value ?? 0), 1) * 1.15);
  const least = value !== null && value < 0 ? -most / 4 : 0;
  const at = (amount: number) =>
    leftDeg + ((rightDeg - leftDeg) * (Math.min(most, Math.max(least, amount)) - least)) / (most - least);
  const ticks = Array.from({ length: 6 }, (_, k) => least + ((most - least) * k) / 5);
  const isIn = band !== null && value !== null && value >= band.low && value <= band.high;
  const words =
    band === null
      ? meterFaceTexts.noExpectedValueDataIsMissing
      : meterFaceTexts.hand(
          readAmount(band.low, quantity),
          readAmount(band.high, quantity),
          value === null ? null : readAmount(value, quantity),
          isIn ? "within" : value !== null && value < band.low ? "below" : "above",
        );
  return (
    <svg viewBox={`0 0 ${width} ${height}`} className={style["face"]} role="img" aria-label={words}>
      <path d={arc(leftDeg, rightDeg, radius)} className={style["scale"]} />
      {band !== null && <path d={arc(at(band.low), at(band.high), radius - 11)} className={style["band"]} />}
      {ticks.map((tick) => {
        const [x, y] = point(at(tick), radius);
        const [x2, y2] = point(at(tick), radius + 7);
        const [tx, ty] = point(at(tick), radius + 18);
        return (
          <g key={tick}>
            <line x1={x} y1={y} x2={x2} y2={y2} className={style["tickmark"]} />
            <text x={tx} y={ty + 4} className={style["figure"]}>
              {Number(tick.toPrecision(3))}
            </text>
          </g>
        );
      })}
      {value !== null && (
        <line
          x1={point(at(value), 40)[0]}
          y1={point(at(value), 40)[1]}
          x2={point(at(value), radius - 4)[0]}
          y2={point(at(value), radius - 4)[1]}
          className={isIn ? style["hand"] : style["handOff"]}
        />
      )}
      {band !== null && (
        <text x={middleX} y={height - 8} className={style["due"]}>
          {meterFaceTexts.expectedLowToHigh(readAmount(band.low, quantity), readAmount(band.high, quantity))}
        </text>
      )}
    </svg>
  );
}

function point(deg: number, r: number): [number, number] {
  const angle = (deg * Math.PI) / 180;
  return [middleX + r * Math.sin(angle), middleY - r * Math.cos(angle)];
}

function arc(fromDeg: number, toDeg: number, r: number): string {
  const [x1, y1] = point(fromDeg, r);
  const [x2, y2] = point(toDeg, r);
  return `M ${x1} ${y1} A ${r} ${r} 0 0 1 ${x2} ${y2}`;
}

/** The next figure a scale may end at. */
function niceMax(value: number): number {
  const step = 10 ** Math.floor(Math.log10(value));
  return [1, 1.5, 2, 2.5, 3, 4, 5, 6, 8, 10].map((times) => times * step).find((each) => each >= value) ?? value;
}
