"use client";

import Drawer from "@mui/material/Drawer";
import { DrawerHead } from "@/ui";
import { useDesk, useDeskState } from "@/features/plan-session";
import { Ledger } from "./Ledger";
import { ledgerDrawerTexts } from "@/messages/en/checks/view";

/** The ledger over any step, opened from the verdict strip. */
export function LedgerDrawer() {
  const desk = useDesk();
  const open = useDeskState((state) => state.ledgerOpen);
  const close = () => desk.set({ ledgerOpen: false, litFinding: null, soughtFinding: null });
  return (
    <Drawer
      anchor="bottom"
      open={open}
      onClose={close}
      transitionDuration={0}
      slotProps={{
        paper: {
          sx: { maxHeight: "85vh", borderTop: "3px solid var(--ink)" },
          role: "dialog",
          "aria-label": ledgerDrawerTexts.checks,
        },
      }}
    >
      <DrawerHead
        title={ledgerDrawerTexts.checksEveryRuleWithItsValueAnd}
        close={ledgerDrawerTexts.closeChecks}
        onClose={close}
      />
      <Ledger />
    </Drawer>
  );
}
