import { newWeatherSchema } from "@/api";
import { maxEpwBytes, readEpw } from "@/core/engine/weather";
import { addWeather, withDatabase } from "@/server/db";
import { answer, bodyJson, fault, guarded, parsed } from "@/server/http";

/** As JSON a text grows by what has to be escaped in it: its line ends. */
const maxBytes = 1.1 * maxEpwBytes;

/** Keeps a weather file. It is read here again: nothing that cannot be read is kept. */
export function POST(request: Request): Promise<Response> {
  return guarded(async () => {
    const { text } = parsed(newWeatherSchema, await bodyJson(request, maxBytes));
    const reading = readEpw(text);
    if (reading.type === "fault")
      throw fault(
        "invalid",
        `Line ${reading.line}, ${reading.field}: ${reading.problem}. Nothing was imported from the file.`,
      );
    const name = reading.year.place.name.slice(0, 120);
    const id = await withDatabase((db) => addWeather(db, { name, text, now: new Date().toISOString() }));
    return answer({ id, name }, 201);
  });
}
