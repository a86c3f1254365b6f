"use client";

import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import { useState } from "react";
import { type PlanSummary } from "@/api";

type Props = { readonly plan: PlanSummary | null; readonly onClose: () => void; readonly onDelete: (plan: PlanSummary) => Promise<string | null> };

/** Asks before a plan is deleted, and offers the export that would bring it back. */
export function DeletePlan({ plan, onClose, onDelete }: Props) {
  const [fault, setFault] = useState<string | null>(null);
  const close = () => {
    setFault(null);
    onClose();
  };
  return (
    <Dialog open={plan !== null} onClose={close} aria-labelledby="delete-title" transitionDuration={0}>
      <DialogTitle id="delete-title">Delete “{plan?.name}”?</DialogTitle>
      <DialogContent>
        It cannot be brought back, unless you export it first and read the file in again.
        {fault !== null && <p role="alert">{fault}</p>}
      </DialogContent>
      <DialogActions sx={{ flexWrap: "wrap", gap: 1 }}>
        <Button component="a" href={`/api/plans/${plan?.id ?? ""}/export`} download>Export first</Button>
        <Button variant="outlined" onClick={close} autoFocus>Keep it</Button>
        <Button variant="contained" color="error" onClick={() => plan !== null && void onDelete(plan).then((message) => (message === null ? close() : setFault(message)))}>Delete</Button>
      </DialogActions>
    </Dialog>
  );
}
