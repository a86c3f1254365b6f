import Button from "@mui/material/Button";
import IconButton from "@mui/material/IconButton";
import { Plus, Trash2 } from "lucide-react";
import { type ReactNode } from "react";

/** Adds one more to a list of a data sheet. */
export function AddButton({ onClick, children }: { onClick: () => void; children: ReactNode }) {
  return (
    <Button size="small" startIcon={<Plus size={16} />} sx={{ mt: 1 }} onClick={onClick}>
      {children}
    </Button>
  );
}

/** Takes one out of a list of a data sheet; level with the fields beside it. */
export function RemoveButton({ label, disabled, onClick }: { label: string; disabled?: boolean; onClick: () => void }) {
  return (
    <IconButton aria-label={label} disabled={disabled ?? false} onClick={onClick} sx={{ mt: "18px" }}>
      <Trash2 size={16} />
    </IconButton>
  );
}
