"use client";

import Box from "@mui/material/Box";
import { type Plan, type Wiring } from "@/core/plan";
import { type Assessment } from "@/core/rules";
import { skyNames } from "@/core/sky";
import { changeover, laneKey, tilesOf } from "@/core/wiring";
import { useDesk, useDeskState, usePlan, useWiring } from "@/features/desk";
import { skyWords } from "@/features/window-chart";
import { levelColour, LevelMark, Sheet, useUnits } from "@/ui";
import {
  amount,
  counted,
  dangerWords,
  headline,
  laneWords,
  partsWords,
  percent,
  slipWords,
  stepWords,
  verdictWords,
} from "@/words";
import style from "./comparison.module.css";
import { type JudgedSlip, useComparison } from "./useComparison";

/** Skies compared by watts. The coldest dawn is there for its volts: it is judged with every panel out, stowed or not. */
const wattSkies = skyNames.filter((name) => name !== "coldDawn");

/** All wirings of the same panels side by side, and what moves to go from the one on the board to another. */
export function Comparison() {
  const desk = useDesk();
  const plan = usePlan();
  const here = useWiring();
  const { verdicts, slips } = useComparison(
    plan,
    here,
    useDeskState((state) => state.moment),
  );
  return (
    <Sheet title="Wirings compared" flush>
      <Box tabIndex={0} role="region" aria-label="Wirings compared, side by side" className={style["scroll"]}>
        <table className={style["table"]}>
          <thead>
            <tr>
              {[
                "Wiring",
                "Verdict",
                ...wattSkies.map((name) => skyWords[name]),
                skyWords.coldDawn,
                "Least room",
                "Panels",
                "Parts",
                "Lanes",
              ].map((title) => (
                <th key={title} scope="col">
                  {title}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {plan.wirings.map((wiring) => (
              <Line
                key={wiring.id}
                plan={plan}
                wiring={wiring}
                verdict={verdicts.get(wiring.id) ?? null}
                here={wiring.id === here.id}
                onShow={() => desk.set({ wiringId: wiring.id, selected: [] })}
              />
            ))}
          </tbody>
        </table>
      </Box>
      {plan.wirings
        .filter(({ id }) => id !== here.id)
        .map((wiring) => (
          <Changeover
            key={wiring.id}
            plan={plan}
            from={here}
            to={wiring}
            verdicts={verdicts}
            slips={slips.filter(({ toId }) => toId === wiring.id)}
          />
        ))}
    </Sheet>
  );
}

type LineProps = {
  readonly plan: Plan;
  readonly wiring: Wiring;
  readonly verdict: Assessment | null;
  readonly here: boolean;
  readonly onShow: () => void;
};

function Line({ plan, wiring, verdict, here, onShow }: LineProps) {
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
  const used = tilesOf(wiring.lanes).filter(({ stance }) => stance !== "off").length;
  return (
    <tr data-wiring={wiring.id} data-level={level}>
      <th scope="row">
        <button type="button" className={style["name"]} aria-pressed={here} onClick={onShow}>
          {wiring.name}
        </button>
      </th>
      <td>
        <span className={style["verdict"]} style={{ color: levelColour(level) }}>
          <LevelMark level={level} size={16} />
          <strong>{verdict === null ? "Judging…" : assessed === null ? "Not judged yet" : verdictWords[level]}</strong>
        </span>
        {worst !== undefined && level !== "good" && (
          <div className={style["small"]}>{headline(assessed?.findings ?? [], worst, system)}</div>
        )}
      </td>
      {wattSkies.map((name) => (
        <td key={name} className="num">
          {assessed === null ? "–" : amount(assessed.takenW[name], "W")}
        </td>
      ))}
      <td className="num">{highest > 0 ? `${amount(highest, "V")} open` : "–"}</td>
      <td className="num">{room === null ? "–" : percent(room)}</td>
      <td className="num">
        {used} of {plan.panels.reduce((sum, { count }) => sum + count, 0)}
      </td>
      <td className={style["small"]}>{partsWords(plan, wiring)}</td>
      <td className={style["small"]}>
        {wiring.lanes.map((lane) => (
          <div key={laneKey(lane)}>{laneWords(plan, lane)}</div>
        ))}
      </td>
    </tr>
  );
}

type ChangeoverProps = {
  readonly plan: Plan;
  readonly from: Wiring;
  readonly to: Wiring;
  readonly verdicts: ReadonlyMap<string, Assessment>;
  readonly slips: readonly JudgedSlip[];
};

/** What to do with plugs and panels, in order, and what to beware of on the way. */
function Changeover({ plan, from, to, verdicts, slips }: ChangeoverProps) {
  const system = useUnits();
  const steps = changeover(from.lanes, to.lanes);
  const harmful = slips.filter(({ dangerous }) => dangerous).map((slip) => slipWords(plan, slip, system));
  const dangers = [
    ...harmful.map((words) => ({ level: "stop" as const, words })),
    ...dangerWords([verdicts.get(from.id), verdicts.get(to.id)], to.name, steps).map((words) => ({
      level: "care" as const,
      words,
    })),
  ];
  return (
    <details className={style["change"]}>
      <summary>
        From “{from.name}” to “{to.name}”: {steps.length === 0 ? "nothing moves" : counted(steps.length, "step")}
        {harmful.length > 0 && (
          <span className={style["danger"]}>
            <LevelMark level="stop" size={16} /> {counted(harmful.length, "dangerous slip")} on the way
          </span>
        )}
      </summary>
      {to.note !== "" && <p>{to.note}</p>}
      <ol>
        {steps.map((step) => {
          const words = stepWords(plan, step);
          return <li key={words}>{words}</li>;
        })}
      </ol>
      {dangers.length > 0 && (
        <ul aria-label="Beware" className={style["beware"]}>
          {dangers.map(({ level, words }) => (
            <li key={words}>
              <LevelMark level={level} size={16} /> {words}
            </li>
          ))}
        </ul>
      )}
    </details>
  );
}
