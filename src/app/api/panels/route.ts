import { panelShelf } from "@/server/db";
import { libraryRoutes } from "@/server/http";

export const dynamic = "force-dynamic";
const routes = libraryRoutes(panelShelf);
export const GET = routes.list;
export const POST = routes.create;
