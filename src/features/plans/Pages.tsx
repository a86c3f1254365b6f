import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { type PlanSearch } from "@/api";
import { pagesTexts } from "@/messages/en/plans/view";

type Props = { readonly search: PlanSearch; readonly found: number; readonly onFrom: (from: number) => void };

/** Which plans of how many are shown, and the way to those before and after; nothing where all are. */
export function Pages({ search: { from, most }, found, onFrom }: Props) {
  if (found <= most && from === 0) return null;
  const last = Math.min(found, from + most);
  return (
    <Box
      component="nav"
      aria-label={pagesTexts.pagesOfTheList}
      sx={{ p: 1, display: "flex", gap: 1, alignItems: "center" }}
    >
      <Button size="small" disabled={from === 0} onClick={() => onFrom(Math.max(0, from - most))}>
        {pagesTexts.newer}
      </Button>
      <span role="status">{pagesTexts.fromToLastOfFound(from + 1, last, found)}</span>
      <Button size="small" disabled={last >= found} onClick={() => onFrom(from + most)}>
        {pagesTexts.older}
      </Button>
    </Box>
  );
}
