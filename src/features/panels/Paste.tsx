"use client";

import Box from "@mui/material/Box";
import OutlinedInput from "@mui/material/OutlinedInput";
import { useDeferredValue, useId, useMemo, useState } from "react";
import { labelSchema, type PanelSheet } from "@/core/plan";
import { mostText, type PanelFields, type PanelRead, readText } from "@/core/reading";
import { requiredFields } from "@/core/panel";
import { LevelMark, Region, TextButton } from "@/ui";
import { fieldWords, readFieldWords, readingSentence, trueMinus, whyDoubted } from "@/words";

type Props = {
  /** Puts a panel of its own in the plan. */ readonly onAdd: (fields: Partial<PanelSheet>) => void;
  /** Fills the label that is open; null: none is. */
  readonly fill: { readonly name: string; readonly put: (fields: Partial<PanelSheet>) => void } | null;
};

/** A label from whatever was copied: each value beside its words, doubts marked; nothing is taken before it was shown. */
export function Paste({ onAdd, fill }: Props) {
  const id = useId();
  const [text, setText] = useState("");
  const shown = useDeferredValue(text);
  const { panels, inputs, unread } = useMemo(() => readText(shown), [shown]);
  return (
    <Region title="From a page, a mail, a forum">
      <Box component="label" htmlFor={id} sx={{ display: "block", fontSize: "0.875rem", mb: 0.5 }}>
        Paste what you copied; the numbers are found in it.
      </Box>
      <OutlinedInput
        id={id}
        multiline
        minRows={3}
        maxRows={12}
        fullWidth
        size="small"
        value={text}
        onChange={(event) => setText(event.target.value)}
        inputProps={{ maxLength: mostText }}
      />
      <Box aria-live="polite" sx={{ display: "grid", gap: 1.5, mt: 1 }}>
        {shown.trim() !== "" && panels.length === 0 && inputs.length === 0 && (
          <span>Nothing was found in it that a label states. Copy the lines with the volts and amps.</span>
        )}
        {panels.map((read, k) => (
          <ReadPanel key={`${k} ${read.fields.name ?? ""}`} read={read} onAdd={onAdd} fill={fill} />
        ))}
        {inputs.length > 0 && (
          <span>
            It also speaks of an input, “{inputs[0]?.name}”: its volts and amps belong at Input, and are not taken here.
          </span>
        )}
        {unread.length > 0 && (
          <details>
            <summary style={{ minHeight: 44, display: "flex", alignItems: "center", cursor: "pointer" }}>
              Not understood: {unread.length} {unread.length === 1 ? "line" : "lines"}
            </summary>
            <ul style={{ margin: 0, paddingLeft: "1.2em" }}>
              {unread.slice(0, 40).map((line, k) => (
                <li key={k}>{line.slice(0, 200)}</li>
              ))}
            </ul>
          </details>
        )}
      </Box>
    </Region>
  );
}

type ReadProps = Props & { readonly read: PanelRead };

function ReadPanel({ read, onAdd, fill }: ReadProps) {
  const [chosen, setChosen] = useState<PanelFields>({});
  const fields = { ...read.fields, ...chosen };
  const sheet = sheetOf(fields);
  const missing = requiredFields.filter((field) => fields[field] === undefined);
  const names = (Object.keys(readFieldWords) as (keyof PanelFields)[]).filter((field) => fields[field] !== undefined);
  return (
    <Box>
      <Box
        component="table"
        sx={{
          borderCollapse: "collapse",
          fontSize: "0.875rem",
          width: "100%",
          "& td, & th": {
            textAlign: "left",
            verticalAlign: "top",
            py: "3px",
            pr: 1,
            borderBottom: "1px solid var(--line)",
          },
        }}
      >
        <caption style={{ textAlign: "left", fontWeight: 700 }}>{fields.name ?? "A panel without a name"}</caption>
        <tbody>
          {names
            .filter((field) => field !== "name" && field !== "currency")
            .map((field) => {
              const doubts = read.doubts.filter((doubt) => doubt.field === field);
              return (
                <tr key={field}>
                  <th scope="row" style={{ fontWeight: 400 }}>
                    {readFieldWords[field].name}
                  </th>
                  <td className="num">
                    {told(fields[field])} {field === "price" ? fields.currency : readFieldWords[field].unit}
                    {doubts.map(({ value, why }) => (
                      <Box
                        key={`${value} ${why}`}
                        sx={{ display: "flex", gap: 0.5, alignItems: "center", "& > svg": { flex: "none" } }}
                      >
                        <LevelMark level="care" size={14} />
                        <span>{whyDoubted(why)}</span>
                        {value !== fields[field] && (
                          <TextButton onClick={() => setChosen({ ...chosen, [field]: value })}>
                            Take {told(value)} {readFieldWords[field].unit}
                          </TextButton>
                        )}
                      </Box>
                    ))}
                  </td>
                  <td style={{ fontStyle: "italic" }}>{read.from[field] ?? ""}</td>
                </tr>
              );
            })}
        </tbody>
      </Box>
      {read.offers.map(({ fields: offered, why }) => {
        const patch = Object.fromEntries(
          Object.entries(offered).filter(([field, value]) => value !== read.fields[field as keyof PanelFields]),
        );
        return (
          <Box
            key={JSON.stringify(patch)}
            sx={{ display: "flex", gap: 0.5, alignItems: "center", flexWrap: "wrap", mt: 0.5 }}
          >
            <LevelMark level="note" size={14} />
            <span>{readingSentence(patch, why)}</span>
            <TextButton onClick={() => setChosen({ ...chosen, ...patch })}>Read it so</TextButton>
          </Box>
        );
      })}
      {missing.length > 0 && (
        <p style={{ margin: "6px 0 0" }}>Not in it: {missing.map((field) => fieldWords[field]).join(", ")}.</p>
      )}
      <Box sx={{ display: "flex", gap: 1, flexWrap: "wrap", mt: 1 }}>
        <TextButton look="amber" onClick={() => onAdd(sheet)}>
          Put it in the plan
        </TextButton>
        {fill !== null && <TextButton onClick={() => fill.put(sheet)}>Fill “{fill.name}” with it</TextButton>}
      </Box>
    </Box>
  );
}

function told(value: string | number | undefined): string {
  return typeof value === "number" ? trueMinus(String(value)) : (value ?? "");
}

/** The fields as a label holds them; what no label may hold is left out. */
function sheetOf(fields: PanelFields): Partial<PanelSheet> {
  const found = Object.entries(fields).filter(([field, value]) => {
    const schema = labelSchema.shape[field as keyof typeof labelSchema.shape];
    return schema !== undefined && schema.safeParse(value).success;
  });
  return Object.fromEntries(found);
}
