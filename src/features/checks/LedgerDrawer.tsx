"use client";

import Box from "@mui/material/Box";
import Drawer from "@mui/material/Drawer";
import IconButton from "@mui/material/IconButton";
import Typography from "@mui/material/Typography";
import { X } from "lucide-react";
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
      <Box sx={{ display: "flex", alignItems: "center", px: 2, py: 0.5, borderBottom: "1px solid var(--line)" }}>
        <Typography variant="h2" component="h2" sx={{ flex: 1 }}>
          {ledgerDrawerTexts.checksEveryRuleWithItsValueAnd}
        </Typography>
        <IconButton aria-label={ledgerDrawerTexts.closeChecks} onClick={close}>
          <X size={18} />
        </IconButton>
      </Box>
      <Ledger />
    </Drawer>
  );
}
