import { phoneRoutes } from "@/server/http";

export const dynamic = "force-dynamic";
export const POST = phoneRoutes.makeCode;
