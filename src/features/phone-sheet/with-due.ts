import { type MeasuredRecord, type ReadingRecord, stepKey, unsaidSky } from "@/core/measurements";
import { type Plan } from "@/core/plan";
import { type Moment } from "@/core/commissioning";
import { askWalk } from "@/features/commissioning-request";

/** Readings of the same so many minutes share a sky, and a question to the worker. */
const togetherMs = 600_000;
/** A word for the sky holds for so long. */
const skyHoldsMs = 3_600_000;

/** Readings that came home, each with what was due in its own moment, under the sky the sheet's log named then. */
export async function withDue(
  records: readonly MeasuredRecord[],
  plan: Plan,
  moment: Moment,
): Promise<readonly MeasuredRecord[]> {
  const asked = new Map<string, ReturnType<typeof ask>>();
  const cloudAt = (atUtc: string) => {
    const near = records.flatMap((each) =>
      each.kind === "log" && Math.abs(Date.parse(each.atUtc) - Date.parse(atUtc)) <= skyHoldsMs ? [each.cloud] : [],
    );
    return near.find((cloud) => cloud !== null) ?? null;
  };
  const ask = (record: ReadingRecord, sky: ReadingRecord["sky"]) => {
    const { wiringId, inputId, portId } = record;
    const at = { ...moment, atMs: Date.parse(record.atUtc) };
    const walk = askWalk({ plan, wiringId, inputId, portId, sky, moment: at }, `home ${inputId} ${portId} ${at.atMs}`);
    return walk.catch(() => null);
  };
  return Promise.all(
    records.map(async (record): Promise<MeasuredRecord> => {
      if (record.kind !== "prove") return record;
      const sky = { ...unsaidSky, cloud: cloudAt(record.atUtc) };
      const together = Math.floor(Date.parse(record.atUtc) / togetherMs);
      // a reading is held against the sky it is kept with
      const key = [record.inputId, record.portId, together, sky.cloud].join("/");
      const question = asked.get(key) ?? ask(record, sky);
      asked.set(key, question);
      const walk = await question;
      const step = walk?.steps.find((each) => each.key === stepKey(record.place, record.quantity));
      return { ...record, sky, due: step?.band ?? null, lightWm2: walk?.light.due ?? null };
    }),
  );
}
