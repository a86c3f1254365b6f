"use client";

import Box from "@mui/material/Box";
import OutlinedInput from "@mui/material/OutlinedInput";
import { useDeferredValue, useId, useMemo, useRef, useState } from "react";
import { browserClient, type PhotoRead } from "@/api";
import { type DeviceSheet, type PanelSheet } from "@/core/plan";
import { type DeviceRead, maxText, type PanelRead, readText } from "@/core/panels/label-import";
import { type PhotoMark } from "@/core/panels/label-import/photo";
import { LevelMark, Region, TextButton } from "@/ui";
import { counted } from "@/messages/en";
import { ReadDevice } from "./ReadDevice";
import { ReadPanel, type Take } from "./ReadPanel";
import { deviceOf } from "./device-of";
import { labelOf } from "./label-of";
import { useStickers } from "./useStickers";
import style from "./reading.module.css";
import { readInTexts } from "@/messages/en/label-import/view";

type Props = {
  /** What may be done with a panel's label; none: labels are not taken here. */
  readonly panelTakes: readonly Take<Partial<PanelSheet>>[];
  readonly inputTakes: readonly Take<DeviceSheet>[];
  /** Takes all that was read at once; null: not here. Resolves to a report. */
  readonly takeAll:
    ((panels: readonly Partial<PanelSheet>[], inputs: readonly DeviceSheet[]) => Promise<string>) | null;
};

type Item = {
  readonly key: string;
  readonly source: string;
  readonly panels: readonly (PanelRead & { readonly marks?: Readonly<Record<string, PhotoMark>> })[];
  readonly devices: readonly DeviceRead[];
  readonly unread: readonly string[];
  readonly shown: PhotoRead["shown"] | null;
};

/** Labels and data sheets without typing: pasted from anywhere, or photographed; nothing is taken before it was shown. */
export function ReadIn({ panelTakes, inputTakes, takeAll }: Props) {
  const id = useId();
  const [text, setText] = useState("");
  const [note, setNote] = useState<string | null>(null);
  const shownText = useDeferredValue(text);
  const pasted = useMemo(() => readText(shownText), [shownText]);
  const { reads, read, stop } = useStickers();
  const picker = useRef<HTMLInputElement>(null);
  const camera = useRef<HTMLInputElement>(null);
  const items: Item[] = [
    ...(shownText.trim() === "" ? [] : [{ key: "text", source: "", ...pasted, shown: null }]),
    ...reads.flatMap((each, k): Item[] =>
      each.type === "read" ? [{ key: `photo ${k} ${each.name}`, source: each.name, ...each.read }] : [],
    ),
  ];
  const under = reads.find(({ type }) => type === "reading");
  const done = reads.filter(({ type }) => type === "read" || type === "refused").length;
  const took = (event: React.ChangeEvent<HTMLInputElement>) => {
    const files = [...(event.target.files ?? [])];
    event.target.value = "";
    setNote(null);
    if (files.length > 0) void read(files.slice(0, maxPhotos));
  };
  const all = {
    panels: items.flatMap((item) => item.panels.map((panel) => ({ item, panel }))),
    devices: items.flatMap((item) => item.devices.map((device) => ({ item, device }))),
  };
  return (
    <Region title={readInTexts.importFromPhotoOrText}>
      <Box component="label" htmlFor={id} sx={{ display: "block", fontSize: "0.875rem", mb: 0.5 }}>
        {readInTexts.pasteTheTextOfAPageOrAMailGolden}
      </Box>
      <OutlinedInput
        id={id}
        multiline
        minRows={2}
        maxRows={12}
        fullWidth
        size="small"
        value={text}
        onChange={(event) => setText(event.target.value)}
        inputProps={{ maxLength: maxText }}
      />
      <Box sx={{ display: "flex", gap: 1, flexWrap: "wrap", alignItems: "center", mt: 1 }}>
        <input
          ref={picker}
          type="file"
          hidden
          multiple
          accept={pictures}
          aria-label={readInTexts.photosOfStickers}
          onChange={took}
        />
        <input
          ref={camera}
          type="file"
          hidden
          accept="image/*"
          capture="environment"
          aria-label={readInTexts.photoOfASticker}
          onChange={took}
        />
        <TextButton onClick={() => camera.current?.click()}>{readInTexts.takeAPhoto}</TextButton>
        <TextButton onClick={() => picker.current?.click()}>{readInTexts.choosePhotos}</TextButton>
        <span style={{ fontSize: "0.8125rem" }}>{readInTexts.photosAreReadOnThisComputerAnd}</span>
      </Box>
      <Box aria-live="polite" sx={{ display: "grid", gap: 2, mt: 1 }}>
        {under !== undefined && under.type === "reading" && (
          <div className={style["progress"]}>
            <span>
              {readInTexts.readingName(under.name)}
              {reads.length > 1 ? readInTexts.doneOfReadCount(done + 1, reads.length) : ""}
            </span>
            <progress value={under.share} max={1} aria-label={readInTexts.readingThePhoto} />
            <TextButton onClick={stop}>{readInTexts.cancelReading}</TextButton>
          </div>
        )}
        {reads.map(
          (each) =>
            each.type === "refused" && (
              <Box key={each.name} role="alert" sx={{ display: "flex", gap: 1 }}>
                <LevelMark level="care" />
                <span>
                  “{each.name}”: {each.why}
                </span>
              </Box>
            ),
        )}
        {takeAll !== null && all.panels.length + all.devices.length > 1 && under === undefined && (
          <Box sx={{ display: "flex", gap: 1, flexWrap: "wrap", alignItems: "center" }}>
            <TextButton
              look="amber"
              onClick={() =>
                void takeAll(
                  all.panels.map(({ item, panel }) => ({
                    ...labelOf(
                      panel.fields,
                      panel.doubts.map(({ field }) => field),
                    ),
                    readFrom: readFrom(item, false, null),
                  })),
                  all.devices.map(({ item, device }) => ({
                    ...deviceOf(device, { batteryV: null, settled: {} }),
                    readFrom: readFrom(item, false, null),
                  })),
                ).then(setNote)
              }
            >
              {readInTexts.addAllPanelCountToTheLibrary(all.panels.length + all.devices.length)}
            </TextButton>
            <span style={{ fontSize: "0.875rem" }}>{readInTexts.valuesInDoubtAreLeftEmpty}</span>
          </Box>
        )}
        {note !== null && <Box role="status">{note}</Box>}
        {items.map((item) => (
          <Box key={item.key} sx={{ display: "grid", gap: 1.5 }}>
            {item.panels.length === 0 && item.devices.length === 0 && (
              <span>
                {item.source === "" ? "" : `“${item.source}”: `}
                {panelTakes.length === 0 ? readInTexts.noControllerDataFound : readInTexts.noPanelDataFound}{" "}
                {item.shown !== null
                  ? readInTexts.photographTheWholeStickerFrom
                  : panelTakes.length === 0
                    ? readInTexts.copyTheLinesOfThePvInput
                    : readInTexts.copyTheLinesWithVocIscVmpAndImp}
              </span>
            )}
            {item.panels.map((panel, k) => (
              <ReadPanel
                key={`${k} ${panel.fields.name ?? ""}`}
                read={panel}
                shown={item.shown}
                takes={panelTakes.map(({ words, take }) => ({
                  words,
                  take: ({ label, checked, keepsPhoto }) =>
                    void keptPhoto(keepsPhoto ? item.shown : null).then(({ photoId, fault }) => {
                      setNote(fault);
                      take({ ...label, readFrom: readFrom(item, checked, photoId) });
                    }),
                }))}
              />
            ))}
            {item.key === "text" && pasted.beyond > 0 && (
              <span role="status">{readInTexts.theTextIsTooLongBeyondWith(counted(pasted.beyond, "more line"))}</span>
            )}
            {panelTakes.length === 0 && item.panels.length > 0 && (
              <span>{readInTexts.importLabelsOfPanelsAtPanelsOrIn}</span>
            )}
            {item.devices.map((device, k) => (
              <ReadDevice
                key={`${k} ${device.name}`}
                read={device}
                takes={inputTakes.map(({ words, take }) => ({
                  words,
                  take: (sheet) => take({ ...sheet, readFrom: readFrom(item, false, null) }),
                }))}
              />
            ))}
            {item.unread.length > 0 && (
              <details>
                <summary style={{ minHeight: 44, display: "flex", alignItems: "center", cursor: "pointer" }}>
                  {readInTexts.notUnderstoodUnreadCount(counted(item.unread.length, "line"))}
                </summary>
                <ul style={{ margin: 0, paddingLeft: "1.2em" }}>
                  {item.unread.slice(0, 40).map((line, k) => (
                    <li key={k}>{line.slice(0, 200)}</li>
                  ))}
                </ul>
              </details>
            )}
          </Box>
        ))}
      </Box>
    </Region>
  );
}

const maxPhotos = 40;
const pictures = "image/jpeg,image/png,image/webp,image/heic,image/heif,.heic,.heif";

/** Where what was read in comes from, as it is kept with it. */
function readFrom({ shown }: Item, checked: boolean, photoId: string | null): NonNullable<PanelSheet["readFrom"]> {
  const now = new Date();
  const two = (n: number) => String(n).padStart(2, "0");
  // the day where the person is, not in Greenwich
  return {
    way: shown === null ? "text" : "photo",
    on: `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`,
    checked,
    photoId,
  };
}

/** Keeps a photo in the data folder; one that cannot be kept is told, and the label goes on without it. */
async function keptPhoto(
  shown: PhotoRead["shown"] | null,
): Promise<{ readonly photoId: string | null; readonly fault: string | null }> {
  if (shown === null) return { photoId: null, fault: null };
  const bytes = Uint8Array.from(atob(shown.jpeg), (c) => c.charCodeAt(0));
  const kept = await browserClient.addPhoto(bytes, "image/jpeg");
  return kept.type === "ok"
    ? { photoId: kept.value.id, fault: null }
    : { photoId: null, fault: readInTexts.thePhotoWasNotSavedMessage(kept.fault.message) };
}
