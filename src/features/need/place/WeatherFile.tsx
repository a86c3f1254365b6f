"use client";

import Box from "@mui/material/Box";
import { useEffect, useState } from "react";
import { browserClient } from "@/api";
import { type Site } from "@/core/plan";
import { maxEpwBytes, proposedRecords } from "@/core/engine/weather";
import { useDesk, usePlan } from "@/features/plan-session";
import { keepWeather } from "@/features/year";
import { TextButton, useUnits } from "@/ui";
import { given } from "@/messages/en";
import { workerClient, type WeatherRead, type WeatherText } from "@/workers";
import { FileButton, FileSaid, type Said } from "./FileButton";
import { placeWords } from "@/messages/en/need/coordinates";
import { setPlace } from "./set-place";
import { weatherFileTexts } from "@/messages/en/need/place";
import { commonTexts } from "@/messages/en/common/view";

const topic = "weather file";

type Opened = { readonly text: WeatherText; readonly read: Extract<WeatherRead, { type: "weather" }> };

/** An open weather file (EPW) of the place: its hours drive the year; its place, months and records can be taken too. */
export function WeatherFile() {
  const desk = useDesk();
  const { weather } = usePlan().site;
  const system = useUnits();
  const [opened, setOpened] = useState<Opened | null>(null);
  const [said, setSaid] = useState<Said | null>(null);
  useEffect(() => () => workerClient().cancel(topic), []);

  const read = async (file: File) => {
    setOpened(null);
    if (file.size > maxEpwBytes)
      return setSaid({
        words: weatherFileTexts.nameTheFileHasSizeBytesAllowedAt(file.name, file.size, maxEpwBytes),
        wrong: true,
      });
    setSaid({ words: weatherFileTexts.readingName(file.name), wrong: false });
    const text: WeatherText = { text: await file.text() };
    const outcome = await workerClient().ask("readWeather", text, { topic, queue: "patient" });
    if (outcome.type === "cancelled") return;
    if (outcome.type === "failed") return setSaid({ words: `${file.name}: ${outcome.message}.`, wrong: true });
    const answer = outcome.value;
    if (answer.type === "fault")
      return setSaid({
        words: commonTexts.lineFault(file.name, answer.line, answer.field, answer.problem),
        wrong: true,
      });
    setSaid(null);
    setOpened({ text, read: answer });
  };

  const takeHours = async ({ text }: Opened) => {
    const result = await browserClient.addWeather(text.text);
    if (result.type === "fault") return setSaid({ words: result.fault.message, wrong: true });
    keepWeather(result.value.id, text);
    desk.change({ type: "setSite", patch: { weather: result.value } });
    setSaid({ words: weatherFileTexts.theYearNowUsesTheHoursOfName(result.value.name), wrong: false });
  };

  return (
    <Box sx={{ display: "grid", gap: 1 }}>
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 0.5, alignItems: "center" }}>
        <FileButton
          words="Open a weather file (EPW)"
          label={weatherFileTexts.weatherFile}
          accept=".epw,text/plain"
          onFile={(file) => void read(file)}
        />
        {weather !== null && (
          <TextButton look="plain" onClick={() => desk.change({ type: "setSite", patch: { weather: null } })}>
            {weatherFileTexts.useTypicalMonthsAgain}
          </TextButton>
        )}
      </Box>
      <FileSaid
        said={said}
        otherwise={weather === null ? "" : weatherFileTexts.theYearUsesTheHoursOfName(weather.name)}
      />
      {opened !== null && <Contents opened={opened} onHours={() => void takeHours(opened)} system={system} />}
    </Box>
  );
}

type ContentsProps = {
  readonly opened: Opened;
  readonly onHours: () => void;
  readonly system: ReturnType<typeof useUnits>;
};

function Contents({ opened, onHours, system }: ContentsProps) {
  const desk = useDesk();
  const { place, summary } = opened.read;
  const records = proposedRecords(summary);
  const months = summary.months.map((month): NonNullable<Site["climate"]>["months"][number] => ({
    ...month,
    source: "file",
  }));
  return (
    <>
      <p style={{ margin: 0 }} className="num">
        <strong>{place.name}</strong>
        {weatherFileTexts.placeElevationMColdestHour(
          placeWords(place.latitudeDeg, place.longitudeDeg),
          given(place.elevationM, "m", system),
          given(summary.coldestC, "°C", system),
          given(summary.hottestC, "°C", system),
          given(records.lowC, "°C", system),
          given(records.highC, "°C", system),
        )}
      </p>
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 0.5 }}>
        <TextButton onClick={onHours}>{weatherFileTexts.useItsHours}</TextButton>
        <TextButton
          onClick={() =>
            void setPlace(desk, {
              latitudeDeg: place.latitudeDeg,
              longitudeDeg: place.longitudeDeg,
              heightM: place.elevationM,
              placeName: place.name.slice(0, 120),
            })
          }
        >
          {weatherFileTexts.useItsLocation}
        </TextButton>
        <TextButton onClick={() => desk.change({ type: "setSite", patch: { climate: { kind: null, months } } })}>
          {weatherFileTexts.useItsMonths}
        </TextButton>
        <TextButton
          onClick={() =>
            desk.change({
              type: "setSite",
              patch: {
                recordLowC: Math.max(-60, records.lowC),
                recordLowSource: "file",
                recordHighC: Math.min(60, records.highC),
                recordHighSource: "file",
              },
            })
          }
        >
          {weatherFileTexts.confirmTheseRecords}
        </TextButton>
      </Box>
    </>
  );
}
