"use client";

import Box from "@mui/material/Box";
import { useState } from "react";
import { type PhotoRead } from "@/api";
import { fieldNames, panelFields, type PanelSheet } from "@/core/plan";
import { doubtsAbout, requiredFields } from "@/core/engine/panel";
import { type Doubt as ReadDoubt, draftOf, type PanelFields, type PanelRead } from "@/core/panels/label-import";
import { type PhotoMark } from "@/core/panels/label-import/photo";
import { LevelMark, Table, TextButton } from "@/ui";
import {
  agreementSentence,
  offerSentence,
  panelFieldWords,
  readFieldWords,
  trueMinus,
  whyDoubted,
} from "@/messages/en";
import { Cutout, UnsureText } from "./Cutout";
import { labelOf } from "./label-of";
import style from "./reading.module.css";
import { readHead, readPanelTexts } from "@/messages/en/label-import/view";

/** What is done with a label or a data sheet that was read, by a press. */
export type Take<Sheet> = { readonly words: string; readonly take: (sheet: Sheet) => void };

type Props = {
  readonly read: PanelRead & { readonly marks?: Readonly<Record<string, PhotoMark>> };
  /** The photo it was read from; null: from a text. */ readonly shown: PhotoRead["shown"] | null;
  readonly takes: readonly Take<{
    readonly label: Partial<PanelSheet>;
    readonly checked: boolean;
    readonly keepsPhoto: boolean;
  }>[];
};

type Field = Exclude<keyof PanelFields, "name" | "currency">;

/** A label that was read: each value beside the words or the piece of the photo it came from; doubts are settled one by one. */
export function ReadPanel({ read, shown, takes }: Props) {
  const [chosen, setChosen] = useState<PanelFields>({});
  const [settled, setSettled] = useState<readonly string[]>([]);
  const [checked, setChecked] = useState(false);
  const [keepsPhoto, setKeepsPhoto] = useState(false);
  const fields = { ...read.fields, ...chosen };
  const choose = (patch: PanelFields) => {
    setChosen({ ...chosen, ...patch });
    setSettled([...settled, ...Object.keys(patch)]);
  };
  const stated: Readonly<Record<string, unknown>> = fields;
  const names = fieldNames(panelFields).filter((field): field is Field => stated[field] !== undefined);
  // a contradiction ends when the numbers agree; what was read in two ways, when it is settled
  const contradictions = new Set<string>(doubtsAbout(draftOf(fields)).map(({ type }) => type));
  const wereContradictions = new Set<string>(doubtsAbout(draftOf(read.fields)).map(({ type }) => type));
  const isOpen = ({ field, why }: ReadDoubt) =>
    !settled.includes(field) && (!wereContradictions.has(why) || contradictions.has(why));
  const open = read.doubts.filter(isOpen);
  const inDoubt = names.filter((field) => open.some((doubt) => doubt.field === field));
  const agreement = agreementSentence(fields);
  const missing = requiredFields.filter((field) => fields[field] === undefined);
  const offers = read.offers
    .map(({ fields: offered, why }) => ({ patch: differences(offered, fields), why }))
    .filter(({ patch }) => Object.keys(patch).length > 0);
  return (
    <Box>
      <Table
        className={style["read"]}
        caption={fields.name ?? readPanelTexts.panelWithoutAName}
        hidesHead
        head={readHead}
      >
        <tbody>
          {names.map((field) => {
            const mark = read.marks?.[field];
            const isTorn = inDoubt.includes(field);
            return (
              <tr key={field} data-doubt={isTorn}>
                <th scope="row">{readFieldWords(field).name}</th>
                <td>
                  <span className="num">
                    {told(fields[field])} {field === "price" ? fields.currency : readFieldWords(field).unit}
                  </span>
                  {isTorn && (
                    <Doubt
                      field={field}
                      doubts={open.filter((doubt) => doubt.field === field)}
                      value={fields[field]}
                      onChoose={(value) => choose({ [field]: value })}
                      mark={mark}
                    />
                  )}
                </td>
                <td className={style["from"]}>
                  {shown !== null && mark !== undefined ? (
                    <Cutout shown={shown} mark={mark} />
                  ) : (
                    (read.from[field] ?? "")
                  )}
                </td>
              </tr>
            );
          })}
        </tbody>
      </Table>
      {offers.map(({ patch, why }) => (
        <div key={JSON.stringify(patch)} className={style["offer"]}>
          <LevelMark level="note" size={14} />
          <span>{offerSentence(patch, why)}</span>
          <TextButton onClick={() => choose(patch)}>{readPanelTexts.useThisReading}</TextButton>
        </div>
      ))}
      {agreement !== null && <p className={style["line"]}>{agreement}</p>}
      {missing.length > 0 && (
        <p className={style["line"]}>
          {readPanelTexts.notFoundMissing(missing.map((field) => panelFieldWords[field].name).join(", "))}
        </p>
      )}
      {inDoubt.length > 0 && (
        <p className={style["line"]}>
          {readPanelTexts.leftEmptyUntilYouDecide} {inDoubt.map((field) => readFieldWords(field).name).join(", ")}.
        </p>
      )}
      <Box sx={{ display: "flex", gap: 1, flexWrap: "wrap", mt: 1 }}>
        <TextButton aria-pressed={checked} onClick={() => setChecked(!checked)}>
          {checked ? "✓ " : ""}
          {shown === null ? readPanelTexts.comparedWithText : readPanelTexts.comparedWithSticker}
        </TextButton>
        {shown !== null && (
          <TextButton aria-pressed={keepsPhoto} onClick={() => setKeepsPhoto(!keepsPhoto)}>
            {keepsPhoto ? "✓ " : ""}
            {readPanelTexts.keepThePhotoWithTheLabelOnThis}
          </TextButton>
        )}
      </Box>
      <Box sx={{ display: "flex", gap: 1, flexWrap: "wrap", mt: 1 }}>
        {takes.map(({ words, take }, k) => (
          <TextButton
            key={words}
            look={k === 0 ? "amber" : "outlined"}
            onClick={() => take({ label: labelOf(fields, inDoubt), checked, keepsPhoto })}
          >
            {words}
          </TextButton>
        ))}
      </Box>
    </Box>
  );
}

type DoubtProps = {
  readonly field: Field;
  readonly doubts: readonly ReadDoubt[];
  readonly value: number | undefined;
  readonly onChoose: (value: number) => void;
  readonly mark: PhotoMark | undefined;
};

function Doubt({ field, doubts, value, onChoose, mark }: DoubtProps) {
  const others = [...new Set(doubts.map((doubt) => doubt.value))].filter((other) => other !== value);
  const { name, unit } = readFieldWords(field);
  return (
    <div className={style["doubt"]}>
      <LevelMark level="care" size={14} />
      <span>
        {[...new Set(doubts.map(({ why }) => whyDoubted(why)))].join("; ")}
        {mark !== undefined && mark.unsure.length > 0 && (
          <>
            : <UnsureText mark={mark} />
          </>
        )}
      </span>
      {value !== undefined && (
        <TextButton aria-label={readPanelTexts.nameToldIsRight(name, told(value))} onClick={() => onChoose(value)}>
          {readPanelTexts.toldUnitIsRight(told(value), unit)}
        </TextButton>
      )}
      {others.slice(0, 3).map((other) => (
        <TextButton
          key={other}
          aria-label={readPanelTexts.nameUseTold(name, told(other))}
          onClick={() => onChoose(other)}
        >
          {readPanelTexts.useToldUnit(told(other), unit)}
        </TextButton>
      ))}
    </div>
  );
}

function differences(offered: PanelFields, fields: PanelFields): PanelFields {
  return Object.fromEntries(
    Object.entries(offered).filter(([field, value]) => value !== fields[field as keyof PanelFields]),
  );
}

function told(value: string | number | undefined): string {
  return typeof value === "number" ? trueMinus(String(value)) : (value ?? "");
}
