import { type ReadingLine } from "@/api";
import { maxPictureBytes, pictureFault } from "@/core/panels/label-import/photo";
import { bodyBytes, fault, guarded } from "@/server/http";
import { type StickerOutcome, stickerReader } from "@/server/stickers";

export const dynamic = "force-dynamic";

/** Reads the photo of a sticker: lines of JSON as it goes on, the last one what was read. Nothing is kept; hanging up calls it off. */
export function POST(request: Request): Promise<Response> {
  return guarded(async () => {
    const stickers = stickerReader();
    if (stickers === null)
      throw fault("server", "Reading photos needs the built application: start it with “npm run demo”.");
    const file = await bodyBytes(request, Infinity);
    if (file.length > maxPictureBytes) throw fault("tooLarge", pictureFault("tooManyBytes"));
    const gone = new AbortController();
    request.signal.addEventListener("abort", () => gone.abort());
    const lines = new ReadableStream<Uint8Array>({
      async start(stream) {
        const say = (line: ReadingLine) => {
          if (!gone.signal.aborted) stream.enqueue(new TextEncoder().encode(`${JSON.stringify(line)}\n`));
        };
        say({ type: "progress", share: 0 });
        const outcome = await stickers.read(file, (share) => say({ type: "progress", share }), gone.signal);
        say(lineOf(outcome));
        if (!gone.signal.aborted) stream.close();
      },
      cancel: () => gone.abort(),
    });
    return new Response(lines, {
      headers: {
        "content-type": "application/x-ndjson; charset=utf-8",
        "cache-control": "no-store",
        "x-content-type-options": "nosniff",
      },
    });
  });
}

function lineOf(outcome: StickerOutcome): ReadingLine {
  if (outcome.type === "cancelled") return { type: "fault", message: "The reading was cancelled." };
  if (outcome.type === "fault") return { type: "fault", message: pictureFault(outcome.fault) };
  const { reading, shown } = outcome;
  return {
    type: "read",
    panels: reading.panels,
    devices: reading.devices,
    unread: reading.unread,
    shown: { jpeg: Buffer.from(shown.jpeg).toString("base64"), width: shown.width, height: shown.height },
  };
}
