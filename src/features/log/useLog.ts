import { useEffect, useId, useMemo, useState } from "react";
import { type PlanLog } from "@/core/log";
import { type LogEntry, type LogEventRecord, type MeasuredRecord } from "@/core/measured";
import { useDeskState, usePlan, useReadingsState, useWiring } from "@/features/desk";
import { pageMail } from "@/workers";

export type Log = {
  readonly entries: readonly LogEntry[];
  readonly events: readonly LogEventRecord[];
  /** The last answer; the one before stands until the next is there. */ readonly shown: PlanLog | null;
  readonly share: number | null;
  readonly fault: string | null;
};

const none: readonly MeasuredRecord[] = [];

/** The log of the wiring on the desk, each entry against what was due; worked out beside the page. */
export function useLog(): Log {
  const plan = usePlan();
  const { id: wiringId } = useWiring();
  const { longitudeDeg } = useDeskState((state) => state.moment);
  const records = useReadingsState().records ?? none;
  const topic = `log ${useId()}`;
  const [state, setState] = useState<Pick<Log, "shown" | "share" | "fault">>({ shown: null, share: null, fault: null });
  const ours = useMemo(
    () => records.filter((each) => each.kind === "event" || (each.kind === "log" && each.wiringId === wiringId)),
    [records, wiringId],
  );
  const key = useMemo(
    () => JSON.stringify([wiringId, longitudeDeg, ours.map(({ id }) => id)]),
    [ours, wiringId, longitudeDeg],
  );
  useEffect(() => {
    let isWanted = true;
    void pageMail()
      .ask(
        "log",
        { plan, wiringId, records: ours, longitudeDeg },
        {
          topic,
          lane: "patient",
          once: ["plan"],
          progressed: ({ share }) => isWanted && setState((before) => ({ ...before, share })),
        },
      )
      .then((outcome) => {
        if (!isWanted) return;
        if (outcome.type === "done") setState({ shown: outcome.value, share: null, fault: null });
        if (outcome.type === "failed") setState((before) => ({ ...before, share: null, fault: outcome.message }));
      });
    return () => {
      isWanted = false;
    };
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the key holds all that is in the question but the plan
  }, [plan, key, topic]);
  useEffect(() => () => pageMail().callOff(topic), [topic]);
  const told = useMemo(
    () => ({
      entries: ours.filter((each): each is LogEntry => each.kind === "log"),
      events: ours.filter((each): each is LogEventRecord => each.kind === "event"),
    }),
    [ours],
  );
  return { ...state, ...told };
}
