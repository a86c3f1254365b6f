import { LevelMark } from "./LevelMark";
import { Region } from "./Region";
import style from "./sheet.module.css";
import { cautionsTexts } from "@/messages/en/ui/view";

/** What can hurt in a piece of work, said beside it. */
export function Cautions({ cautions }: { readonly cautions: readonly string[] }) {
  return (
    <Region title={cautionsTexts.safety}>
      {cautions.map((words) => (
        <p key={words} className={style["caution"]}>
          <LevelMark level="care" size={16} />
          <span>{words}</span>
        </p>
      ))}
    </Region>
  );
}
