import { inputShelf } from "@/server/db";
import { libraryRoutes } from "@/server/http";

export const POST = libraryRoutes(inputShelf).createMany;
