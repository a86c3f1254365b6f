import "server-only";
import { type PhonesState } from "@/api";
import { remoteHeader } from "../guards";
import { type Lan, openLan } from "../phones";
import { answer, answerNothing, fault, guarded } from "./answer";

/** Phones are let in and shut out on the computer itself, not by one another. */
function onComputer(request: { readonly headers: Headers }): void {
  if (isPhone(request.headers))
    throw fault("forbidden", "Phones are let in and shut out on the computer itself, not from a phone.");
}

/** Whether a request came in from the network. */
export function isPhone(headers: Pick<Headers, "get">): boolean {
  return headers.get(remoteHeader) === "phone";
}

function opened(): Lan {
  const lan = openLan();
  if (lan === null)
    throw fault("notFound", "This server is not open to the network. Start it with --lan to let phones in.");
  return lan;
}

/** What is open to the network and to whom; null unless the server was started so. */
export function phonesState(): PhonesState | null {
  const lan = openLan();
  if (lan === null) return null;
  const { addresses, phones } = lan;
  return { addresses: [...addresses], phones: phones.list(), codeUntilMs: phones.codeUntilMs() };
}

export const phoneRoutes = {
  list: (request: Request) =>
    guarded(async () => {
      onComputer(request);
      opened();
      return answer(phonesState());
    }),
  makeCode: (request: Request) =>
    guarded(async () => {
      onComputer(request);
      return answer(opened().phones.makeCode(), 201);
    }),
  revoke: (request: Request, { params }: { params: Promise<{ id: string }> }) =>
    guarded(async () => {
      onComputer(request);
      if (!opened().phones.revoke((await params).id)) throw fault("notFound", "This phone is no longer paired.");
      return answerNothing();
    }),
};
