"use client";

import { useMemo, useState } from "react";
import { type BoardCase, plugInBoard, wiredAs, wiringId } from "@/practice";
import { Board } from "@/features/string-board";
import { DeskProvider, useDesk, usePlan } from "@/features/plan-session";
import { Columns, Region, TextButton } from "@/ui";
import { type PlayProps } from "./play-props";
import { LabelSheet, PortLines } from "./Sheets";
import style from "./practice.module.css";
import { boardDrillTexts } from "@/messages/en/practice/view";

/** The same string board as in a plan, on a plan that is kept nowhere. */
export function BoardDrill(props: PlayProps<BoardCase>) {
  const { drill, level, verdict } = props;
  const opened = useMemo(
    () => ({ id: "practice", revision: 1, createdAt: "", updatedAt: "", plan: drill.plan }),
    [drill],
  );
  return (
    // what the window says while one wires is a help for the first level; after that it comes with the verdict
    <DeskProvider opened={opened} steps={[]} isScratch isJudged={level === 1 || verdict !== null}>
      <Playing {...props} />
    </DeskProvider>
  );
}

function Playing({ drill, verdict, onEnd }: PlayProps<BoardCase>) {
  const desk = useDesk();
  const plan = usePlan();
  const [portArray, setPortArray] = useState<string | null>(null);
  const [told, tell] = useState("");
  const plugIn = () => {
    const next = plugInBoard(drill, plan);
    if (next === null) tell(boardDrillTexts.nothingIsWiredYetDragPanelsFrom);
    else onEnd(next);
  };
  return (
    <Columns beside="340px">
      <Board chosenPortArray={portArray} onChoosePortArray={setPortArray} around={[]} mayGrow={false} />
      <div style={{ display: "grid", gap: 16 }}>
        <Region title={boardDrillTexts.plugIn}>
          <div className={style["row"]}>
            <button type="button" className={style["do"]} disabled={verdict !== null} onClick={plugIn}>
              {boardDrillTexts.plugIn}
            </button>
            {verdict?.type === "failed" && (
              <TextButton
                onClick={() =>
                  desk.change({
                    type: "rewire",
                    wiringId,
                    portArrays:
                      wiredAs(drill.plan, drill.remedy).wirings.find(({ id }) => id === wiringId)?.portArrays ?? [],
                    counts: {},
                  })
                }
              >
                {boardDrillTexts.showASafeWiring}
              </TextButton>
            )}
          </div>
          <p role="status" style={{ margin: "6px 0 0" }}>
            {told}
          </p>
        </Region>
        <Region title={boardDrillTexts.panelsAndController}>
          {plan.panels.map(({ id, label, pieces }) => (
            <LabelSheet key={id} label={label} count={pieces.length} />
          ))}
          <PortLines ports={plan.inputs.flatMap(({ device }) => device.ports)} />
        </Region>
      </div>
    </Columns>
  );
}
