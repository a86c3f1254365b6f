import { type Plan } from "@/core/plan";
import { type Address } from "./common";
import { getJson } from "./visit";

/** The plans of a server, asked and written past its pages, as another program would. */
export type Saved = { readonly id: string; readonly revision: number; readonly plan: Plan };

export const plans = ({ url }: Address) =>
  getJson<{ id: string; name: string; revision: number }[]>(`${url}/api/plans`);

export const read = ({ url }: Address, id: string) => getJson<Saved>(`${url}/api/plans/${id}`);

export function put(
  { url }: Address,
  id: string,
  revision: number,
  plan: unknown,
  headers: Record<string, string> = {},
): Promise<Response> {
  return fetch(`${url}/api/plans/${id}`, {
    method: "PUT",
    headers: { "content-type": "application/json", "if-match": `"${revision}"`, ...headers },
    body: JSON.stringify(plan),
  });
}
