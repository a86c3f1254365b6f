import { answerHarvest, readHarvestCase } from "@/core/case";
import { readEpw } from "@/core/weather";
import { type CaseAnswering } from "./reading";

/** Reads a file that lies beside the case, by its plain name; null where there is none. */
export type Beside = (name: string) => string | null;

/** The year of a net in the open: what it offers and what its port takes, by a weather file. */
export function answerHarvestCase(value: unknown, beside: Beside): CaseAnswering {
  const reading = readHarvestCase(value);
  if (reading.type === "malformed") return reading;
  const { epw } = reading.case;
  const path = "$.weather.epw";
  const text = beside(epw);
  if (text === null) return { type: "malformed", path, problem: `no file "${epw}" beside the case` };
  const weather = readEpw(text);
  if (weather.type === "fault")
    return { type: "malformed", path, problem: `${epw}, line ${weather.line}, ${weather.field}: ${weather.problem}` };
  return { type: "answer", answer: answerHarvest(reading.case, weather.year) };
}
