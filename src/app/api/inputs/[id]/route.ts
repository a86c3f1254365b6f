import { inputShelf } from "@/server/db";
import { libraryRoutes } from "@/server/http";

const routes = libraryRoutes(inputShelf);
export const GET = routes.read;
export const PUT = routes.replace;
export const DELETE = routes.remove;
