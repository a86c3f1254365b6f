import Box from "@mui/material/Box";
import IconButton from "@mui/material/IconButton";
import Typography from "@mui/material/Typography";
import { X } from "lucide-react";
import { type ReactNode } from "react";

/** The head of what lies over a step: its title, and the button that closes it. */
export function DrawerHead({
  title,
  close,
  onClose,
  aside,
}: {
  readonly title: string;
  /** what the button is called */ readonly close: string;
  readonly onClose: () => void;
  /** Before the button that closes it. */ readonly aside?: ReactNode;
}) {
  return (
    <Box sx={{ display: "flex", alignItems: "center", px: 2, py: 0.5, borderBottom: "1px solid var(--line)" }}>
      <Typography variant="h2" component="h2" sx={{ flex: 1 }}>
        {title}
      </Typography>
      {aside}
      <IconButton aria-label={close} onClick={onClose}>
        <X size={18} />
      </IconButton>
    </Box>
  );
}
