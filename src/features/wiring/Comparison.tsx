"use client";

import { type ReactNode } from "react";
import { piecesIn, type Plan, type Wiring } from "@/core/plan";
import { type Assessment } from "@/core/assessment";
import { skyNames } from "@/core/engine/sky";
import { inAll } from "@/core/wiring/year";
import { portArrayKey, usedIn } from "@/core/engine/array";
import { positionIdOf, useDesk, useDeskState, usePlan, useWiring } from "@/features/plan-session";
import { skyWords } from "@/messages/en/window-chart/operating";
import { useYear, worstMonth, type YearState, YearStrip } from "@/features/year";
import { levelColour, LevelMark, Region, Table, useUnits } from "@/ui";
import { amount, headline, portArrayWords, partsWords, percent, trueMinus, verdictWords } from "@/messages/en";
import style from "./comparison.module.css";
import {
  ChangeoverCard,
  inPositions,
  type InPosition,
  positionedName,
  standKey,
  useComparison,
} from "@/features/changeover";
import { comparisonTexts } from "@/messages/en/wiring/view";

/** Skies compared by watts. The coldest dawn is there for its volts: it is judged with every panel out, stowed or not. */
const wattSkies = skyNames.filter((name) => name !== "coldDawn");

/** All wirings of the same panels side by side, and the way from the one on the board to another. */
export function Comparison() {
  const desk = useDesk();
  const plan = usePlan();
  const wiring = useWiring();
  const here: InPosition = { wiring, positionId: useDeskState(positionIdOf) };
  const compared = useComparison(
    plan,
    wiring,
    useDeskState((state) => state.moment),
  );
  const { verdicts } = compared;
  const all = inPositions(plan);
  const board = useYear(plan, wiring.id);
  return (
    <>
      <Region title={comparisonTexts.wiringsCompared} flush>
        <Table
          flush
          label={comparisonTexts.wiringsComparedSideBySide}
          className={style["compared"]}
          head={[
            comparisonTexts.wiring,
            comparisonTexts.verdict,
            ...wattSkies.map((name) => skyWords[name]),
            skyWords.coldDawn,
            comparisonTexts.smallestMargin,
            "A year",
            comparisonTexts.panels,
            comparisonTexts.parts,
            comparisonTexts.pvInputs,
          ]}
        >
          <tbody>
            {all.map((each) => (
              <Line
                key={standKey(each)}
                plan={plan}
                name={positionedName(plan, each)}
                wiring={each.wiring}
                verdict={verdicts.get(standKey(each)) ?? null}
                against={standKey(each) === standKey(here) ? null : (verdicts.get(standKey(here)) ?? null)}
                here={standKey(each) === standKey(here)}
                year={
                  each.wiring.id === wiring.id ? (
                    <YearWords {...board} against={null} />
                  ) : (
                    <OtherYear plan={plan} wiringId={each.wiring.id} board={board} />
                  )
                }
                onShow={() => desk.set({ wiringId: each.wiring.id, positionId: each.positionId, selected: [] })}
              />
            ))}
          </tbody>
        </Table>
      </Region>
      <ChangeoverCard compared={compared} />
    </>
  );
}

/** "+45 W" against what is on the board; equal to a watt, or a kWh of the year, is "same". */
function moreWords(more: number, unit: "W" | "kWh"): string {
  const words = unit === "W" ? amount(more, "W") : `${trueMinus(more.toFixed(0))}\u00a0kWh`;
  return Math.abs(more) < 0.5 ? "same" : `${more > 0 ? "+" : ""}${words}`;
}

type LineProps = {
  readonly plan: Plan;
  readonly name: string;
  readonly wiring: Wiring;
  readonly verdict: Assessment | null;
  /** What is said of the one on the board, to subtract it; null on its own line. */
  readonly against: Assessment | null;
  readonly here: boolean;
  /** What it brings in a year. */ readonly year: ReactNode;
  readonly onShow: () => void;
};

function Line({ plan, name: title, wiring, verdict, against, here, year, onShow }: LineProps) {
  const system = useUnits();
  const assessed = verdict?.type === "assessed" ? verdict : null;
  const level = assessed?.worst ?? "open";
  const worst = assessed?.findings.find((finding) => finding.level === assessed.worst);
  const cold = assessed?.findings.filter(({ rule, value }) => rule === "coldVoc" && value !== null) ?? [];
  const highest = cold.reduce((most, { value }) => Math.max(most, value?.value ?? 0), 0);
  const room = cold.reduce<number | null>(
    (least, { marginPct }) => (marginPct === null ? least : Math.min(least ?? marginPct, marginPct)),
    null,
  );
  const used = wiring.portArrays.reduce((sum, { strings }) => sum + usedIn(strings).length, 0);
  return (
    <tr data-wiring={wiring.id} data-level={level}>
      <th scope="row">
        <button type="button" className={style["name"]} aria-pressed={here} onClick={onShow}>
          {title}
        </button>
      </th>
      <td>
        <span className={style["verdict"]} style={{ color: levelColour(level) }}>
          <LevelMark level={level} size={16} />
          <strong>
            {verdict === null
              ? comparisonTexts.calculating
              : assessed === null
                ? comparisonTexts.notCalculatedYet
                : verdictWords[level]}
          </strong>
        </span>
        {worst !== undefined && level !== "good" && (
          <div className={style["small"]}>{headline(assessed?.findings ?? [], worst, system)}</div>
        )}
      </td>
      {wattSkies.map((name) => (
        <td key={name} className="num">
          {assessed === null ? "–" : amount(assessed.takenW[name], "W")}
          {assessed !== null && against?.type === "assessed" && (
            <div className={style["small"]}>{moreWords(assessed.takenW[name] - against.takenW[name], "W")}</div>
          )}
        </td>
      ))}
      <td className="num">{highest > 0 ? comparisonTexts.vocHighest(amount(highest, "V")) : "–"}</td>
      <td className="num">{room === null ? "–" : percent(room)}</td>
      <td className="num">{year}</td>
      <td className="num">{comparisonTexts.usedOfPiecesIn(used, piecesIn(plan))}</td>
      <td className={style["small"]}>{partsWords(plan, wiring)}</td>
      <td className={style["small"]}>
        {wiring.portArrays.map((portArray) => (
          <div key={portArrayKey(portArray)}>{portArrayWords(plan, portArray)}</div>
        ))}
      </td>
    </tr>
  );
}

type OtherYearProps = { readonly plan: Plan; readonly wiringId: string; readonly board: YearState };

/** The year of a wiring that is not on the board, against the one that is. */
function OtherYear({ plan, wiringId, board }: OtherYearProps) {
  return <YearWords {...useYear(plan, wiringId)} against={board} />;
}

/** What a wiring brings in a year and in its worst month, with all its positions in their hours. */
function YearWords({ year, settled, against }: Pick<YearState, "year" | "settled"> & { against: YearState | null }) {
  if (year === null) return <>…</>;
  const worst = worstMonth(year);
  const takenKwh = ({ months }: NonNullable<YearState["year"]>) => inAll(months).takenKwh;
  // a quick year is not subtracted from a whole one
  const other = settled && against?.settled === true ? against.year : null;
  return (
    <>
      <YearStrip year={year} />
      {comparisonTexts.takenKwhKWhHarvest(takenKwh(year).toFixed(0))}
      {other !== null && <div className={style["small"]}>{moreWords(takenKwh(year) - takenKwh(other), "kWh")}</div>}
      <div className={style["small"]}>
        {comparisonTexts.lowestInMonthTakenKwhKWh(worst.name, worst.takenKwh.toFixed(1))}
      </div>
    </>
  );
}
