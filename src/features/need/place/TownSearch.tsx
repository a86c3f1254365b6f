"use client";

import Autocomplete from "@mui/material/Autocomplete";
import Box from "@mui/material/Box";
import TextField from "@mui/material/TextField";
import { useEffect, useId, useState } from "react";
import { browserClient, type Town } from "@/api";
import { useDesk } from "@/features/plan-session";
import { FieldLabel } from "@/ui";
import { placeWords } from "@/messages/en/need/coordinates";
import { setPlace } from "./set-place";
import { townSearchTexts } from "@/messages/en/need/place";

/** Letters are awaited so long before the server is asked, ms. */
const restMs = 150;

/** A town by its name, out of those that ship with the application; nothing is asked on the network. */
export function TownSearch() {
  const desk = useDesk();
  const id = useId();
  const [text, setText] = useState("");
  const [found, setFound] = useState<{ readonly of: string; readonly towns: readonly Town[] }>({ of: "", towns: [] });
  const [fault, setFault] = useState<string | null>(null);
  const wanted = text.trim();
  useEffect(() => {
    if (wanted.length < 2) return;
    let stopped = false;
    const timer = setTimeout(() => {
      void browserClient.findTowns(wanted).then((result) => {
        if (stopped) return;
        setFault(result.type === "fault" ? result.fault.message : null);
        if (result.type === "ok") setFound({ of: wanted, towns: result.value });
      });
    }, restMs);
    return () => {
      stopped = true;
      clearTimeout(timer);
    };
  }, [wanted]);
  const waiting = wanted.length >= 2 && found.of !== wanted && fault === null;
  return (
    <Box sx={{ minWidth: 0 }}>
      <FieldLabel htmlFor={id}>{townSearchTexts.orSearchATown}</FieldLabel>
      <Autocomplete<Town>
        id={id}
        size="small"
        options={[...found.towns]}
        filterOptions={(towns) => towns}
        getOptionLabel={({ name, country }) => `${name}, ${country}`}
        getOptionKey={({ name, latitudeDeg, longitudeDeg }) => `${name}/${latitudeDeg}/${longitudeDeg}`}
        isOptionEqualToValue={(a, b) => a.latitudeDeg === b.latitudeDeg && a.longitudeDeg === b.longitudeDeg}
        value={null}
        inputValue={text}
        onInputChange={(_, next, reason) => {
          if (reason !== "reset") setText(next);
        }}
        onChange={(_, town) => {
          if (town === null) return;
          const { name, country, latitudeDeg, longitudeDeg } = town;
          void setPlace(desk, { latitudeDeg, longitudeDeg, placeName: `${name}, ${country}` });
          setText("");
        }}
        loading={waiting}
        noOptionsText={wanted.length < 2 ? townSearchTexts.typeAtLeastTwoLetters : townSearchTexts.noTownOfThatName}
        renderOption={({ key, ...props }, { name, country, latitudeDeg, longitudeDeg }) => (
          <li key={key} {...props}>
            <span>
              {name}, {country}
              <Box
                component="span"
                className="num"
                sx={{ display: "block", fontSize: "0.8125rem", color: "text.secondary" }}
              >
                {placeWords(latitudeDeg, longitudeDeg)}
              </Box>
            </span>
          </li>
        )}
        renderInput={(props) => <TextField {...props} placeholder={townSearchTexts.firstLettersOfTheTown} />}
      />
      {fault !== null && (
        <Box role="alert" sx={{ color: "error.main", fontSize: "0.8125rem", fontWeight: 600 }}>
          {fault}
        </Box>
      )}
    </Box>
  );
}
