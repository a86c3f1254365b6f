"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import OutlinedInput from "@mui/material/OutlinedInput";
import { useId, useState } from "react";
import { newPlanTexts } from "@/messages/en/plans/view";

const maxCharacters = 80;

/** Starts a plan; asks for nothing but a name. */
export function NewPlan({ onCreate }: { onCreate: (name: string) => Promise<string | null> }) {
  const id = useId();
  const [name, setName] = useState("");
  const [fault, setFault] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const submit = async () => {
    const tidy = name.trim();
    if (tidy === "" || tidy.length > maxCharacters) {
      setFault(
        `Name: ${tidy === "" ? "nothing typed" : newPlanTexts.tidyCountCharacters(tidy.length)}; allowed: 1 to ${maxCharacters} characters.`,
      );
      return;
    }
    setBusy(true);
    setFault(await onCreate(tidy));
    setBusy(false);
  };
  return (
    <Box
      component="form"
      onSubmit={(event) => {
        event.preventDefault();
        void submit();
      }}
      sx={{ mb: 1.5 }}
    >
      <Box component="label" htmlFor={id} sx={{ display: "block", fontWeight: 600, fontSize: "0.875rem", mb: "2px" }}>
        {newPlanTexts.newPlan}
      </Box>
      <Box sx={{ display: "flex", gap: 1 }}>
        <OutlinedInput
          id={id}
          size="small"
          fullWidth
          value={name}
          placeholder={newPlanTexts.nameOfTheNewPlan}
          error={fault !== null}
          onChange={(event) => {
            setName(event.target.value);
            setFault(null);
          }}
          inputProps={{ autoComplete: "off", "aria-describedby": `${id}-error`, "aria-invalid": fault !== null }}
          sx={{ "& input::placeholder": { color: "text.secondary", opacity: 1 } }}
        />
        <Button type="submit" variant="contained" disabled={busy} sx={{ flex: "none", whiteSpace: "nowrap" }}>
          {newPlanTexts.createPlan}
        </Button>
      </Box>
      <Box
        id={`${id}-error`}
        role={fault === null ? undefined : "alert"}
        sx={{ color: "error.main", fontSize: "0.8125rem", fontWeight: 600 }}
      >
        {fault}
      </Box>
    </Box>
  );
}
