import { panelShelf } from "@/server/db";
import { libraryRoutes } from "@/server/http";

export const PUT = libraryRoutes(panelShelf).retire;
