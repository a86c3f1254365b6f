import { panelShelf } from "@/server/db";
import { libraryRoutes } from "@/server/http";

export const POST = libraryRoutes(panelShelf).createMany;
