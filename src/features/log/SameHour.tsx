import { format } from "date-fns";
import { sameHour } from "@/core/log";
import { sameHourWords } from "@/messages/en";
import { type Log } from "./useLog";
import { sameHourTexts } from "@/messages/en/log/view";

/** The newest reading against the same hour last month. */
export function SameHour({ log: { shown } }: { readonly log: Log }) {
  const found = sameHour(shown?.shares ?? []);
  if (found === null) return null;
  const at = (ms: number) => format(ms, "'on' d MMM 'at' HH:mm");
  return (
    <p style={{ margin: "10px 0 0" }}>
      <strong>{sameHourTexts.comparedWithTheSameHourLastMonth}</strong>{" "}
      {sameHourWords(found, at(found.now.atMs), at(found.then.atMs))}
    </p>
  );
}
