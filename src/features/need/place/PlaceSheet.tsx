"use client";

import Box from "@mui/material/Box";
import dynamic from "next/dynamic";
import { usePlan } from "@/features/plan-session";
import { Region } from "@/ui";
import { ClimateOffers } from "./ClimateOffers";
import { Months } from "./Months";
import { Records } from "./Records";
import { Route } from "./Route";
import { TownSearch } from "./TownSearch";
import { TypedPlace } from "./TypedPlace";
import { WeatherFile } from "./WeatherFile";
import { placeSheetTexts } from "@/messages/en/need/place";

const WorldMap = dynamic(() => import("./WorldMap"), { ssr: false });

/** Where the panels are, and what the sky is like there. */
export function PlaceSheet() {
  const { placeName, timeZone } = usePlan().site;
  return (
    <Box
      sx={{
        display: "grid",
        gap: 2,
        gridTemplateColumns: { xs: "minmax(0, 1fr)", md: "minmax(0, 1fr) minmax(0, 1fr)" },
        alignItems: "start",
      }}
    >
      <Box sx={{ display: "grid", gap: 2, minWidth: 0, gridTemplateColumns: "minmax(0, 1fr)" }}>
        <Region title={placeName === "" ? placeSheetTexts.location : placeName}>
          <Box sx={{ display: "grid", gap: 1, gridTemplateColumns: { xs: "minmax(0, 1fr)", sm: "1fr 1fr" }, mb: 1 }}>
            <TypedPlace />
            <TownSearch />
          </Box>
          <Box sx={{ aspectRatio: "2 / 1" }}>
            <WorldMap />
          </Box>
          <Box sx={{ fontSize: "0.8125rem", mt: 0.5 }}>
            {timeZone === null
              ? placeSheetTexts.pressTheMapWhereYouAre
              : placeSheetTexts.timeZoneTimeZoneTheArrowKeysMove(timeZone)}
          </Box>
        </Region>
        <Region title={placeSheetTexts.recordTemperaturesHeight}>
          <Records />
        </Region>
        <Region title={placeSheetTexts.route}>
          <Route />
        </Region>
      </Box>
      <Box sx={{ display: "grid", gap: 2, minWidth: 0, gridTemplateColumns: "minmax(0, 1fr)" }}>
        <Region title={placeSheetTexts.kindOfClimate}>
          <ClimateOffers />
        </Region>
        <Region title={placeSheetTexts.weatherFile}>
          <WeatherFile />
        </Region>
        <Region title={placeSheetTexts.months}>
          <Months />
        </Region>
      </Box>
    </Box>
  );
}
