import { useStore } from "zustand";
import { keeping } from "./drafts";

/** Whether what was last typed in this page is kept in this browser until the server has it. */
export function useIsKept(): boolean {
  return useStore(keeping, ({ isKept }) => isKept);
}
