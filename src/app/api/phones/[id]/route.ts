import { phoneRoutes } from "@/server/http";

export const dynamic = "force-dynamic";
export const DELETE = phoneRoutes.revoke;
