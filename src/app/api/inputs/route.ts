import { inputShelf } from "@/server/db";
import { libraryRoutes } from "@/server/http";

export const dynamic = "force-dynamic";
const routes = libraryRoutes(inputShelf);
export const GET = routes.list;
export const POST = routes.create;
