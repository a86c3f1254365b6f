"use client";

import { useMemo, useState } from "react";
import { createRandom } from "@/core/engine/random";
import { type HandCase, playHand } from "@/practice";
import { Columns, Region } from "@/ui";
import { deedWords, shownWords } from "@/messages/en";
import { type PlayProps } from "./play-props";
import style from "./practice.module.css";
import { handDrillTexts } from "@/messages/en/practice/view";

/** Work done with one's hands: press what you do next. Some of it cannot be undone. */
export function HandDrill({ drill, verdict, onEnd }: PlayProps<HandCase>) {
  const [play] = useState(() => playHand(drill));
  const [done, setDone] = useState<readonly { readonly id: string; readonly words: string }[]>([]);
  const [told, tell] = useState("");
  const shuffled = useMemo(() => mixed(drill), [drill]);
  const act = (id: string) => {
    const outcome = play.act(id);
    if (outcome.type === "notYet")
      return tell(handDrillTexts.notYetFirstComesBefore((deedWords[outcome.missing] ?? "").toLowerCase()));
    tell("");
    setDone([...done, { id, words: outcome.shows === null ? "" : shownWords(outcome.shows) }]);
    if (outcome.verdict !== null) onEnd(outcome.verdict);
  };
  return (
    <Columns beside="340px">
      <Region title={handDrillTexts.nextAction}>
        <div className={style["deeds"]}>
          {shuffled.map((id) => (
            <button
              key={id}
              type="button"
              className={style["place"]}
              disabled={verdict !== null || done.some((each) => each.id === id)}
              onClick={() => act(id)}
            >
              {deedWords[id]}
            </button>
          ))}
        </div>
        <p role="status" style={{ margin: "8px 0 0" }}>
          {told}
        </p>
      </Region>
      <Region title={handDrillTexts.doneSoFar}>
        {done.length === 0 ? (
          <p style={{ margin: 0 }}>{handDrillTexts.nothingYet}</p>
        ) : (
          <ol style={{ margin: 0, paddingLeft: 22 }}>
            {done.map(({ id, words }) => (
              <li key={id}>
                {deedWords[id]}
                {words === "" ? "" : <strong className="num">: {words}</strong>}
              </li>
            ))}
          </ol>
        )}
      </Region>
    </Columns>
  );
}

/** In no order that would tell it; the same for the same drill. */
function mixed({ deeds, facts }: HandCase): readonly string[] {
  const draw = createRandom(Math.round(Object.values(facts).reduce((sum, each) => sum + each, 17)));
  return deeds
    .map(({ id }) => ({ id, at: draw.number(0, 1) }))
    .sort((a, b) => a.at - b.at)
    .map(({ id }) => id);
}
