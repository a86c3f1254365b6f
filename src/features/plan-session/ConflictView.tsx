"use client";

import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import { useMemo, useState } from "react";
import { mergePlans, type PartDifference, diffParts, type Plan, type Side, defaultSide } from "@/core/plan";
import { LevelMark, Table } from "@/ui";
import style from "./conflict.module.css";
import { changedByWords, differenceWords, mergeFaultWords, partTitle } from "@/messages/en/plan-session/conflict";
import { conflictViewTexts } from "@/messages/en/plan-session/view";

type Props = {
  readonly base: Plan | null;
  readonly mine: Plan;
  readonly theirs: Plan;
  readonly onMerge: (plan: Plan) => void;
  readonly onClose: () => void;
};

/** Both versions of a plan changed in two places, part by part; each part is taken from one side. */
export function ConflictView({ base, mine, theirs, onMerge, onClose }: Props) {
  const apart = useMemo(() => diffParts(base, mine, theirs), [base, mine, theirs]);
  const [chosen, setChosen] = useState<ReadonlyMap<string, Side>>(new Map());
  const sideOf = (part: PartDifference) => chosen.get(part.key) ?? defaultSide(part);
  const merged = mergePlans(mine, theirs, apart, sideOf);
  const choose = (key: string, side: Side) => setChosen(new Map([...chosen, [key, side]]));
  const all = (side: Side) => setChosen(new Map(apart.map(({ key }) => [key, side])));
  return (
    <Dialog open onClose={onClose} transitionDuration={0} maxWidth="lg" fullWidth aria-labelledby="conflict-title">
      <DialogTitle id="conflict-title">{conflictViewTexts.twoVersionsOfThisPlan}</DialogTitle>
      <DialogContent>
        <p className={style["lead"]}>{conflictViewTexts.chooseWhichVersionOfEachPartTo}</p>
        <div className={style["keys"]}>
          <Button size="small" variant="outlined" onClick={() => all("mine")}>
            {conflictViewTexts.useThisTabsVersionForAll}
          </Button>
          <Button size="small" variant="outlined" onClick={() => all("theirs")}>
            {conflictViewTexts.useTheSavedVersionForAll}
          </Button>
        </div>
        <Table
          label={conflictViewTexts.partsThatDiffer}
          className={style["parts"]}
          head={[conflictViewTexts.part, conflictViewTexts.thisTab, conflictViewTexts.savedVersion]}
        >
          <tbody>
            {apart.map((part) => (
              <tr key={part.key} data-part={part.key}>
                <th scope="row">
                  {partTitle(part)}
                  <div className={style["small"]}>{changedByWords[part.changedBy]}</div>
                </th>
                {(["mine", "theirs"] as const).map((side) => (
                  <td key={side} data-chosen={sideOf(part) === side}>
                    <label className={style["choice"]}>
                      <input
                        type="radio"
                        name={part.key}
                        checked={sideOf(part) === side}
                        onChange={() => choose(part.key, side)}
                        aria-label={`${partTitle(part)}: ${side}`}
                      />
                      <span>
                        {differenceWords(part, side).map((words) => (
                          <div key={words}>{words}</div>
                        ))}
                      </span>
                    </label>
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </Table>
        {merged.type === "fault" && (
          <div role="alert" className={style["fault"]}>
            <LevelMark level="stop" />
            <span>{mergeFaultWords(merged.fault)}</span>
          </div>
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>{conflictViewTexts.decideLater}</Button>
        <Button
          variant="contained"
          disabled={merged.type === "fault"}
          onClick={() => merged.type === "plan" && onMerge(merged.plan)}
        >
          {conflictViewTexts.saveTheseChoices}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
