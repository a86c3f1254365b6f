"use client";

import Box from "@mui/material/Box";
import TextField from "@mui/material/TextField";
import Link from "next/link";
import { DrawerHead } from "@/ui";
import { useEffect, useRef, useState } from "react";
import { useDesk } from "@/features/plan-session";
import { stepNames } from "@/messages/en";
import { glossary } from "@/messages/en/glossary/terms";
import { glossaryTexts } from "@/messages/en/glossary/view";

type Props = { readonly sought: string; readonly onClose: () => void };

/** All terms, the one asked for in sight; a word typed narrows them. */
export function GlossaryList({ sought, onClose }: Props) {
  const [wanted, setWanted] = useState("");
  const asked = useRef<HTMLElement | null>(null);
  const { planId } = useDesk().now();
  useEffect(() => {
    asked.current?.scrollIntoView({ block: "center" });
  }, [sought]);
  const word = wanted.trim().toLowerCase();
  const found = glossary.filter(({ term, text }) => `${term} ${text}`.toLowerCase().includes(word));
  return (
    <>
      <DrawerHead title={glossaryTexts.title} close={glossaryTexts.close} onClose={onClose} />
      <Box sx={{ p: 2, pb: 1 }}>
        <TextField
          size="small"
          fullWidth
          autoFocus
          label={glossaryTexts.search}
          value={wanted}
          onChange={(event) => setWanted(event.target.value)}
        />
      </Box>
      <Box component="dl" sx={{ m: 0, p: 2, overflowY: "auto" }}>
        {found.length === 0 && <p>{glossaryTexts.nothing}</p>}
        {found.map(({ id, term, text, step }) => (
          <Box
            key={id}
            ref={id === sought ? asked : null}
            data-term={id}
            sx={{ mb: 1.5, pl: 1, borderLeft: `4px solid ${id === sought ? "var(--amber)" : "transparent"}` }}
          >
            <Box component="dt" sx={{ fontWeight: 700 }}>
              {term}
            </Box>
            <Box component="dd" sx={{ m: 0 }}>
              {text}{" "}
              <Link href={`/plan/${planId}/${step}`} onClick={onClose} style={{ color: "inherit" }}>
                {glossaryTexts.goTo(stepNames[step])}
              </Link>
            </Box>
          </Box>
        ))}
      </Box>
    </>
  );
}
