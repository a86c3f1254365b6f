import { useRouter } from "next/navigation";
import { useEffect, useRef, useState } from "react";
import { type PlanSearch } from "@/api";

/** Typing comes to rest for so long before the server is asked, ms. */
const restMs = 200;

/** What is typed into the list's search, and ways to show other plans of it. It stands in the page's address, so that a way back leads to it. */
export function useListSearch(search: PlanSearch) {
  const router = useRouter();
  const [wanted, setWanted] = useState(search.find);
  const timer = useRef<number | null>(null);
  const forget = () => {
    if (timer.current !== null) window.clearTimeout(timer.current);
  };
  useEffect(() => forget, []);
  const show = (patch: Partial<PlanSearch>) => {
    const { find, withArchived, from } = { ...search, find: wanted, ...patch };
    const asked = new URLSearchParams({
      ...(find.trim() === "" ? {} : { find: find.trim() }),
      ...(withArchived ? { archived: "1" } : {}),
      ...(from === 0 ? {} : { from: String(from) }),
    }).toString();
    router.replace(asked === "" ? "/" : `/?${asked}`, { scroll: false });
  };
  const find = (text: string) => {
    setWanted(text);
    forget();
    timer.current = window.setTimeout(() => show({ find: text, from: 0 }), restMs);
  };
  return { wanted, find, show };
}
