import { useCallback, useEffect, useState } from "react";
import { type ApiClient, type ApiResult, type PhonesState } from "@/api";

type Code = { readonly digits: string; readonly untilMs: number };

/** While a code is shown, how often it is asked whether a phone came in, ms. */
const askMs = 1500;

/** The phones that are let in, and the code that lets the next one in, for as long as it does. */
export function usePhones(client: Pick<ApiClient, "phones">, initial: PhonesState) {
  const [state, setState] = useState(initial);
  const [code, setCode] = useState<Code | null>(null);
  const [fault, setFault] = useState<string | null>(null);

  const told = useCallback(<T>(result: ApiResult<T>): T | null => {
    setFault(result.type === "fault" ? result.fault.message : null);
    return result.type === "ok" ? result.value : null;
  }, []);
  const ask = useCallback(async () => {
    const fresh = told(await client.phones.list());
    if (fresh === null) return;
    setState(fresh);
    // used, void after too many tries, or too old
    if (fresh.codeUntilMs === null) setCode(null);
  }, [client, told]);

  useEffect(() => {
    if (code === null) return;
    const timer = setInterval(() => void ask(), askMs);
    return () => clearInterval(timer);
  }, [code, ask]);

  return {
    phones: state.phones,
    code,
    fault,
    makeCode: () => void client.phones.makeCode().then((result) => setCode(told(result))),
    revoke: (id: string) =>
      void client.phones.revoke(id).then((result) => {
        if (result.type === "ok" || result.fault.type === "notFound") void ask();
        else told(result);
      }),
  };
}
