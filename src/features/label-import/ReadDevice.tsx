import Box from "@mui/material/Box";
import { useState } from "react";
import { type DeviceSheet } from "@/core/plan";
import { type DeviceRead } from "@/core/panels/label-import";
import { LevelMark, Table, TextButton } from "@/ui";
import { given, whyDoubted } from "@/messages/en";
import { readDeviceTexts, readHead } from "@/messages/en/label-import/view";
import { batteriesOf, deviceOf } from "./device-of";
import { type Take } from "./ReadPanel";
import { rowsOf } from "./device-rows";
import style from "./reading.module.css";

type Props = { readonly read: DeviceRead; readonly takes: readonly Take<DeviceSheet>[] };

/** A controller or station that was read: each value beside its words; what depends on the battery is asked. */
export function ReadDevice({ read, takes }: Props) {
  const [batteryV, setBatteryV] = useState<number | null>(null);
  const [settled, setSettled] = useState<Readonly<Record<string, number>>>({});
  const batteries = batteriesOf(read);
  const open = read.doubts.filter(
    ({ field, why }) => settled[field] === undefined && (why !== "byBattery" || batteryV === null),
  );
  const rows = rowsOf(read, settled);
  return (
    <Box>
      <Table
        className={style["read"]}
        caption={read.name === "" ? readDeviceTexts.controllerWithoutAName : read.name}
        hidesHead
        head={readHead}
      >
        <tbody>
          {rows.map(({ path, name, told, value, unit }) => {
            const doubts = open.filter(({ field }) => field === path);
            const choices = [...new Set([...(value === null ? [] : [value]), ...doubts.map((doubt) => doubt.value)])];
            return (
              <tr key={path} data-doubt={doubts.length > 0}>
                <th scope="row">{name}</th>
                <td>
                  <span className="num">{told}</span>
                  {doubts.length > 0 && (
                    <div className={style["doubt"]}>
                      <LevelMark level="care" size={14} />
                      <span>{[...new Set(doubts.map(({ why }) => whyDoubted(why)))].join("; ")}</span>
                      {unit !== null &&
                        doubts.every(({ why }) => why !== "byBattery") &&
                        choices.map((choice) => (
                          <TextButton key={choice} onClick={() => setSettled({ ...settled, [path]: choice })}>
                            {readDeviceTexts.use(given(choice, unit))}
                          </TextButton>
                        ))}
                    </div>
                  )}
                </td>
                <td className={style["from"]}>{read.from[path] ?? ""}</td>
              </tr>
            );
          })}
        </tbody>
      </Table>
      {batteries.length > 0 && (
        <Box role="group" aria-label={readDeviceTexts.yourBattery} className={style["offer"]}>
          <span>{readDeviceTexts.yourBattery}</span>
          {batteries.map((each) => (
            <TextButton key={each} aria-pressed={batteryV === each} onClick={() => setBatteryV(each)}>
              {given(each, "V")}
            </TextButton>
          ))}
        </Box>
      )}
      {open.length > 0 && (
        <p className={style["line"]}>
          {readDeviceTexts.leftEmptyUntilYouDecide(
            rows.filter(({ path }) => open.some(({ field }) => field === path)).map(({ name }) => name),
          )}
        </p>
      )}
      {takes.length === 0 ? (
        <p className={style["line"]}>{readDeviceTexts.importControllersAndPower}</p>
      ) : (
        <Box sx={{ display: "flex", gap: 1, flexWrap: "wrap", mt: 1 }}>
          {takes.map(({ words, take }) => (
            <TextButton key={words} look="amber" onClick={() => take(deviceOf(read, { batteryV, settled }))}>
              {words}
            </TextButton>
          ))}
        </Box>
      )}
    </Box>
  );
}
