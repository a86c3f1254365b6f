import { PlansView } from "@/features/plans";
import { database, listPlans } from "@/server/db";

export const dynamic = "force-dynamic";

export default async function Home() {
  return <PlansView plans={await listPlans(await database())} />;
}
