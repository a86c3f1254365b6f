"use client";

import { type Goal, type Offer, type WiringFacts } from "@/core/finder";
import { type Plan } from "@/core/plan";
import { tilesOfRows } from "@/core/wiring";
import { LevelMark, TextButton } from "@/ui";
import {
  amount,
  limit,
  madeOf,
  percent,
  ruleTitle,
  scoreAmount,
  goalWords,
  titleWords,
  tradeSentence,
  verdictWords,
  whySentence,
} from "@/words";
import style from "./finder.module.css";

type Props = {
  readonly plan: Plan;
  readonly offer: Offer;
  readonly best: WiringFacts;
  /** What it is set against, and its name; null: nothing is wired. */
  readonly against: { readonly facts: WiringFacts; readonly name: string } | null;
  readonly goal: Goal;
  readonly proved: boolean;
  readonly isOnBoard: boolean;
  readonly onTake: () => void;
};

/** One offer, laid out like a packet of seeds: a picture, a name, one sentence, what it gives up, and the small print. */
export function Packet({ plan, offer, best, against, goal, proved, isOnBoard, onTake }: Props) {
  const { titles, facts, lanes } = offer;
  const name = titles.map((title) => titleWords[title]).join(", ");
  const other =
    against !== null && !isOnBoard
      ? against
      : facts !== best
        ? { facts: best, name: `“${titleWords.mostEnergy}”` }
        : null;
  const remarks = [
    ...new Set(
      facts.remarks.filter(({ level }) => level === facts.worst && level !== "note").map(({ rule }) => ruleTitle(rule)),
    ),
  ].join(", ");
  return (
    <li className={style["packet"]} aria-label={name}>
      <div className={style["crimp"]} aria-hidden />
      <RowsPicture plan={plan} offer={offer} />
      <h3 className={style["name"]}>{name}</h3>
      <p className={style["price"]}>
        <strong className="num">{scoreAmount(facts.score, goal)}</strong> {goalWords(goal)}
      </p>
      <p className={style["why"]}>{whySentence(offer, best, goal, proved)}</p>
      <ul className={style["made"]} aria-label="How it is wired">
        {madeOf(plan, lanes).map(({ port, rows }) => (
          <li key={port}>
            <b>{port}</b>: {rows}
          </li>
        ))}
      </ul>
      {other !== null && <p className={style["gives"]}>{tradeSentence(facts, other.facts, other.name, goal)}</p>}
      <dl className={style["print"]}>
        <Fact name="Room in the cold">
          {facts.cold === null
            ? "no ceiling"
            : `${percent(facts.cold.marginPct)} under ${limit(facts.cold.limit.value, "V")}`}
        </Fact>
        <Fact name="Clipped">{percent(facts.year.clippedPct)} of the year</Fact>
        <Fact name="Light slept through">{facts.year.asleepMinutes.toFixed(0)}&nbsp;min a day</Fact>
        <Fact name="One part shaded">−{percent(facts.shadePct)} of noon</Fact>
        <Fact name="Most amps in a lead">{amount(facts.iscA, "A")}</Fact>
        <Fact name="Parts">about {facts.money.toFixed(0)}</Fact>
        <Fact name="Panels">
          {facts.panels} in {facts.rows} {facts.rows === 1 ? "row" : "rows"}
          {facts.unlikeRows > 0 ? `, ${facts.unlikeRows} unlike` : ""}
        </Fact>
      </dl>
      <p className={style["verdict"]}>
        <LevelMark level={facts.worst} size={16} />
        <span>
          {verdictWords[facts.worst]}
          {remarks === "" ? "" : `: ${remarks}`}
        </span>
      </p>
      {isOnBoard ? (
        <p className={style["here"]}>On the board now</p>
      ) : (
        <TextButton look="amber" onClick={onTake} aria-label={`Put it on the board: ${name}`}>
          Put it on the board
        </TextButton>
      )}
    </li>
  );
}

function Fact({ name, children }: { readonly name: string; readonly children: React.ReactNode }) {
  return (
    <div>
      <dt>{name}</dt>
      <dd className="num">{children}</dd>
    </div>
  );
}

const tile = { wide: 17, high: 12, gap: 3 } as const;

/** Rows as they would lie on the board, a letter for each kind of panel; a stem for each port. */
function RowsPicture({ plan, offer: { lanes } }: { readonly plan: Plan; readonly offer: Pick<Offer, "lanes"> }) {
  const letters = new Map(plan.panels.map(({ id }, k) => [id, String.fromCharCode(65 + (k % 26))]));
  const pitch = tile.high + 6;
  const drawn = lanes.map(({ rows }) => rows.map((row) => tilesOfRows([row]).map(({ panelId }) => panelId)));
  const wide = (rows: readonly (readonly string[])[]) =>
    16 + Math.max(1, ...rows.map((row) => row.length)) * (tile.wide + tile.gap);
  const lefts = drawn.map((_, k) => drawn.slice(0, k).reduce((sum, rows) => sum + wide(rows) + 14, 0));
  const width = (lefts.at(-1) ?? 0) + wide(drawn.at(-1) ?? []);
  const height = Math.max(1, ...drawn.map(({ length }) => length)) * pitch + 12;
  return (
    <svg
      className={style["picture"]}
      viewBox={`-4 -4 ${Math.max(150, width) + 8} ${Math.max(64, height) + 8}`}
      aria-hidden
      preserveAspectRatio="xMidYMax meet"
    >
      {drawn.map((rows, lane) => {
        const bottom = Math.max(64, height);
        const top = bottom - 10 - rows.length * pitch;
        return (
          <g key={lane} transform={`translate(${lefts[lane] ?? 0} 0)`}>
            <path d={`M6 ${bottom}V${top + tile.high / 2}`} className={style["stem"]} />
            <path d={`M0 ${bottom}h12`} className={style["ground"]} />
            {rows.map((row, k) => {
              const y = top + k * pitch;
              return (
                <g key={k}>
                  <path
                    d={`M6 ${y + tile.high / 2}h${8 + row.length * (tile.wide + tile.gap)}`}
                    className={style["twig"]}
                  />
                  {row.map((panelId, n) => (
                    <g key={n} transform={`translate(${13 + n * (tile.wide + tile.gap)} ${y})`}>
                      <rect width={tile.wide} height={tile.high} rx={1.5} className={style["leaf"]} />
                      <text x={tile.wide / 2} y={tile.high - 3} className={style["letter"]}>
                        {letters.get(panelId)}
                      </text>
                    </g>
                  ))}
                </g>
              );
            })}
          </g>
        );
      })}
    </svg>
  );
}
