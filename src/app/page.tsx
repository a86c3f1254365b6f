import { PlansView } from "@/features/plans";
import { findPlans } from "@/server/db";
import { planSearch } from "@/server/http";
import { pageData } from "./page-data";
import { TroublePage } from "./TroublePage";

export const dynamic = "force-dynamic";

type Props = { readonly searchParams: Promise<Readonly<Record<string, string | string[] | undefined>>> };

export default async function Home({ searchParams }: Props) {
  const asked = await searchParams;
  const textOf = (value: string | string[] | undefined) => (typeof value === "string" ? value : null);
  const search = planSearch({ get: (name) => textOf(asked[name]) });
  const found = await pageData((db) => findPlans(db, search));
  return found.type === "trouble" ? (
    <TroublePage words={found.words} again="/" />
  ) : (
    <PlansView {...found.data} search={search} />
  );
}
