import { inputShelf } from "@/server/db";
import { libraryRoutes } from "@/server/http";

export const PUT = libraryRoutes(inputShelf).retire;
