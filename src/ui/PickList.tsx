"use client";

import Box from "@mui/material/Box";
import IconButton from "@mui/material/IconButton";
import { Trash2 } from "lucide-react";
import { pickListTexts } from "@/messages/en/ui/view";

type Item = { readonly id: string; readonly name: string; readonly detail: string };
type Props = {
  readonly label: string;
  readonly items: readonly Item[];
  readonly chosen: string | null;
  readonly onChoose: (id: string) => void;
  readonly onRemove?: (id: string) => void;
};

/** A short list to pick from, like index cards: name, one line of detail, and removal where it makes sense. */
export function PickList({ label, items, chosen, onChoose, onRemove }: Props) {
  return (
    <Box component="ul" aria-label={label} sx={{ listStyle: "none", m: 0, p: 0 }}>
      {items.map(({ id, name, detail }) => (
        <Box
          component="li"
          key={id}
          sx={{
            display: "flex",
            borderBottom: "1px solid var(--line)",
            borderLeft: id === chosen ? "6px solid var(--amber)" : "6px solid transparent",
            "&:hover": { borderLeftColor: id === chosen ? "var(--amber)" : "var(--line-strong)" },
          }}
        >
          <Box
            component="button"
            type="button"
            aria-pressed={chosen === null ? undefined : id === chosen}
            onClick={() => onChoose(id)}
            sx={{
              flex: 1,
              minWidth: 0,
              minHeight: 44,
              textAlign: "left",
              background: "none",
              border: 0,
              color: "inherit",
              font: "inherit",
              cursor: "pointer",
              px: 1,
              py: 0.5,
            }}
          >
            <Box sx={{ fontWeight: id === chosen ? 700 : 500, fontSize: "0.875rem" }}>{name}</Box>
            <Box className="num" sx={{ fontSize: "0.8125rem", color: "text.secondary" }}>
              {detail}
            </Box>
          </Box>
          {onRemove !== undefined && (
            <IconButton
              aria-label={pickListTexts.removeNameFromThePlan(name)}
              onClick={() => onRemove(id)}
              sx={{ alignSelf: "center" }}
            >
              <Trash2 size={16} />
            </IconButton>
          )}
        </Box>
      ))}
    </Box>
  );
}
