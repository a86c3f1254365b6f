import { PlansView } from "@/features/plans";
import { listPlans } from "@/server/db";
import { pageData } from "./page-data";
import { Trouble } from "./Trouble";

export const dynamic = "force-dynamic";

export default async function Home() {
  const found = await pageData(listPlans);
  return found.type === "trouble" ? <Trouble words={found.words} again="/" /> : <PlansView plans={found.data} />;
}
