import Box from "@mui/material/Box";
import { type InputRead } from "@/core/panels/label-import";
import { LevelMark, Table, TextButton } from "@/ui";
import { given, whyDoubted } from "@/messages/en";
import { type Take } from "./ReadPanel";
import style from "./reading.module.css";
import { readInputTexts } from "@/messages/en/label-import/view";

type Props = { readonly read: InputRead; readonly takes: readonly Take<undefined>[] };

/** A controller or station that was read: each port beside the words it came from. */
export function ReadInput({ read, takes }: Props) {
  return (
    <Box>
      <Table className={style["read"]} caption={read.name === "" ? readInputTexts.controllerWithoutAName : read.name}>
        <tbody>
          {read.ports.map((port, k) => {
            const doubts = read.doubts.filter(
              ({ field }) => field === `port ${k + 1}` || (k === 0 && field === "maxV"),
            );
            return (
              <tr key={k} data-doubt={doubts.length > 0}>
                <th scope="row">{readInputTexts.pvK(k + 1)}</th>
                <td>
                  <span className="num">
                    {port.minV === null ? readInputTexts.upTo : readInputTexts.minVTo(port.minV)}
                    {port.maxV === null ? "?" : given(port.maxV, "V")}
                    {port.currentLimits.map(({ fromV, toV, amps }) =>
                      readInputTexts.ampsFromFromVToToV(given(amps, "A"), fromV, given(toV, "V")),
                    )}
                    {port.maxW !== null && `; ${given(port.maxW, "W")}`}
                  </span>
                  {doubts.map(({ field, value, why }) => (
                    <div key={`${field} ${value}`} className={style["doubt"]}>
                      <LevelMark level="care" size={14} />
                      <span>{readInputTexts.whyDoubtedValueLeftEmptyEnterIt(whyDoubted(why), value)}</span>
                    </div>
                  ))}
                </td>
                <td className={style["from"]}>{read.from[`port ${k + 1}`] ?? read.from["maxV"] ?? ""}</td>
              </tr>
            );
          })}
        </tbody>
      </Table>
      {takes.length === 0 ? (
        <p className={style["line"]}>{readInputTexts.importControllersAndPower}</p>
      ) : (
        <Box sx={{ display: "flex", gap: 1, flexWrap: "wrap", mt: 1 }}>
          {takes.map(({ words, take }) => (
            <TextButton key={words} look="amber" onClick={() => take(undefined)}>
              {words}
            </TextButton>
          ))}
        </Box>
      )}
    </Box>
  );
}
