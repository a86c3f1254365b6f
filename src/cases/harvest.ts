import { answerHarvest, hoursOfCase, readHarvestCase } from "@/core/case";
import { readEpw } from "@/core/weather";
import { type CaseAnswering } from "./reading";

/** Reads a file that lies beside the case, by its plain name; null where there is none. */
export type Beside = (name: string) => string | null;

/** The year of a net in the open: what it offers and what its port takes, by a weather file. */
export function answerHarvestCase(value: unknown, beside: Beside): CaseAnswering {
  const reading = readHarvestCase(value);
  if (reading.type === "malformed") return reading;
  const path = "$.weather.epw";
  const hours = hoursOfCase(reading.case, (name) => {
    const text = beside(name);
    if (text === null) return { type: "malformed", path, problem: `no file "${name}" beside the case` };
    const weather = readEpw(text);
    if (weather.type === "weather") return weather.year;
    return { type: "malformed", path, problem: `${name}, line ${weather.line}, ${weather.field}: ${weather.problem}` };
  });
  return "type" in hours ? hours : { type: "answer", answer: answerHarvest(reading.case, hours) };
}
