import { useMemo } from "react";
import { type PlanLog } from "@/core/log";
import { type LogEntry, type LogEventRecord, type MeasuredRecord } from "@/core/measurements";
import { useLiveJob } from "@/features/worker-hooks";
import { useDeskState, usePlan, useReadingsState, useWiring } from "@/features/plan-session";
import { workerClient } from "@/workers";

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
  const ours = useMemo(
    () => records.filter((each) => each.kind === "event" || (each.kind === "log" && each.wiringId === wiringId)),
    [records, wiringId],
  );
  const key = useMemo(
    () => JSON.stringify([wiringId, longitudeDeg, ours.map(({ id }) => id)]),
    [ours, wiringId, longitudeDeg],
  );
  const { value, share, fault } = useLiveJob<PlanLog | null>([plan, key], (topic, progressed) =>
    workerClient().ask(
      "log",
      { plan, wiringId, records: ours, longitudeDeg },
      { topic, queue: "patient", once: ["plan"], progressed },
    ),
  );
  const told = useMemo(
    () => ({
      entries: ours.filter((each): each is LogEntry => each.kind === "log"),
      events: ours.filter((each): each is LogEventRecord => each.kind === "event"),
    }),
    [ours],
  );
  return { shown: value, share, fault, ...told };
}
