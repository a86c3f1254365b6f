import { townsLike } from "@/server/towns";
import { answer, guarded } from "@/server/http";

/** Towns of a name, for a place: `?q=NAME`. */
export function GET(request: Request): Promise<Response> {
  return guarded(async () => answer(townsLike(new URL(request.url).searchParams.get("q") ?? "")));
}
