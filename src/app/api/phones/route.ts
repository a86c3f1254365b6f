import { phoneRoutes } from "@/server/http";

export const dynamic = "force-dynamic";
export const GET = phoneRoutes.list;
