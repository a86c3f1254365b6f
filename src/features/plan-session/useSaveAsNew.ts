import { useRouter } from "next/navigation";
import { useResolve } from "./DeskProvider";

/** Keeps a version as a plan of its own and goes there: what a page left, by its key, or what is on the desk. */
export function useSaveAsNew(key: string | null): () => void {
  const { saveAsNew } = useResolve();
  const router = useRouter();
  return () =>
    void saveAsNew(key).then((id) => {
      if (id !== null) router.push(`/plan/${id}/wiring`);
    });
}
