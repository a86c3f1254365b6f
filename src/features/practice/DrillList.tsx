import { type DrillId, drillIds, drillType, type Progress, progressOf } from "@/practice";
import { LevelMark, Region, TextButton } from "@/ui";
import { counted, drillWords } from "@/messages/en";
import style from "./practice.module.css";
import { drillListTexts } from "@/messages/en/practice/view";

type Props = {
  readonly progress: Progress;
  readonly nowMs: number;
  readonly onOpen: (id: DrillId) => void;
  readonly onNext: () => void;
};

const kinds = [
  { type: "board", name: drillListTexts.onTheBoard },
  { type: "bench", name: drillListTexts.withTheMeter },
  { type: "hand", name: drillListTexts.byHand },
  { type: "fuse", name: drillListTexts.atTheCombinerBox },
] as const;
const stars = (level: number) => "●".repeat(level) + "○".repeat(3 - level);

/** All drills by what they are done with; what is due comes first when one just goes on. */
export function DrillList({ progress, nowMs, onOpen, onNext }: Props) {
  const tried = drillIds.filter((id) => progress[id] !== undefined);
  const due = tried.filter((id) => progressOf(progress, id).dueMs <= nowMs);
  return (
    <>
      <p className={style["said"]} style={{ margin: 0 }}>
        {tried.length === 0
          ? drillListTexts.eachDrillIsAMistakeThatPeople
          : drillListTexts.triedCountOfDrillIdCountTried(
              counted(tried.length, "drill"),
              drillIds.length,
              due.length,
            )}{" "}
        <TextButton look="amber" onClick={onNext}>
          {tried.length === 0 ? drillListTexts.begin : drillListTexts.continue}
        </TextButton>
      </p>
      <div className={style["kinds"]}>
        {kinds.map(({ type, name }) => (
          <Region key={type} title={name}>
            <ul className={style["drills"]}>
              {drillIds
                .filter((id) => drillType(id) === type)
                .map((id) => {
                  const { level, solved, failed, dueMs } = progressOf(progress, id);
                  const isTried = solved + failed > 0;
                  return (
                    <li key={id}>
                      <button type="button" onClick={() => onOpen(id)}>
                        <span>{drillWords[id].title}</span>
                        {isTried && (
                          <span className={style["standing"]}>
                            {dueMs <= nowMs && <LevelMark level="note" size={14} decorative={false} />}
                            <span aria-label={drillListTexts.levelLevelOf3(level)}>{stars(level)}</span>{" "}
                            {drillListTexts.solvedOfOfCount(solved, solved + failed)}
                          </span>
                        )}
                      </button>
                    </li>
                  );
                })}
            </ul>
          </Region>
        ))}
      </div>
    </>
  );
}
