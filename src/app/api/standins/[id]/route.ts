import { linesSchema } from "@/api";
import { answer, answerNothing, bodyJson, fault, guarded, parsed } from "@/server/http";
import { theDevices } from "@/server/simulators";

type Context = { params: Promise<{ id: string }> };

const maxBytes = 8000;

/** Says lines to a device that this server opened, over its loopback port, and gives its answers. */
export function POST(request: Request, { params }: Context): Promise<Response> {
  return guarded(async () => {
    const { id } = await params;
    const { lines } = parsed(linesSchema, await bodyJson(request, maxBytes));
    const answers = await theDevices().say(id, lines);
    if (answers === null)
      throw fault(
        "notFound",
        "This simulator is closed: it was not used for an hour, or the server was restarted. Open another.",
      );
    return answer({ answers });
  });
}

export function DELETE(_: Request, { params }: Context): Promise<Response> {
  return guarded(async () => {
    await theDevices().close((await params).id);
    return answerNothing();
  });
}
