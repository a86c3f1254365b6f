"use client";

import Box from "@mui/material/Box";
import { assumedCoefficients, cellTypes, readLabel } from "@/core/engine/panel";
import {
  cellCuts,
  fieldNames,
  type PanelField,
  type PanelFieldName,
  panelFields,
  panelKinds,
  type PanelSheet,
} from "@/core/plan";
import { type CoefficientBase, readCoefficient } from "@/core/engine/units";
import { ChoiceField, CurrencyField, FieldGroup, QuantityField, TextLine } from "@/ui";
import { cellCutWords, cellTypeWords, given, kindWords, panelFieldWords } from "@/messages/en";
import { labelFormTexts } from "@/messages/en/panels/view";

type Props = {
  readonly label: PanelSheet;
  /** Changes with one gesture name in a row are one step of undo. */
  readonly patch: (change: Partial<PanelSheet>, gesture?: string) => void;
  readonly onDone: () => void;
  readonly onField: (help: string) => void;
};

/** A panel's label, laid out as a sticker is. Every keystroke that can be read is in the plan at once. */
export function LabelForm({ label, patch, onDone, onField }: Props) {
  const reading = readLabel(label);
  const assumed: Readonly<Record<string, number>> = {
    ...assumedCoefficients[label.cellType],
    ...(reading.type === "label" && { pmaxW: reading.label.pmaxW, vmpV: reading.label.vmpV, impA: reading.label.impA }),
  };

  const placeholderOf = (name: PanelFieldName) => {
    const value = assumed[name];
    if (value === undefined) return panelFields[name].isNeeded ? "needed" : "not stated";
    return labelFormTexts.assumedValue(given(Number(value.toPrecision(3)), ""));
  };
  const numbers = (group: PanelField["group"]) =>
    fieldNames(panelFields, (field) => field.group === group).map((name) => {
      const field: PanelField = panelFields[name];
      const { shareOf } = field;
      const base: CoefficientBase | null = shareOf && { unit: shareOf.unit, value: label[shareOf.field] };
      const { name: title, help } = panelFieldWords[name];
      return (
        <QuantityField
          key={name}
          label={title}
          spec={field}
          value={label[name]}
          onValue={(value) => patch({ [name]: value }, name)}
          onDone={onDone}
          help={help}
          placeholder={placeholderOf(name)}
          onFocus={() => onField(help)}
          {...(base === null ? {} : { read: (text: string) => readCoefficient(text, field, base) })}
        />
      );
    });

  return (
    <Box sx={{ display: "grid", gap: 1.25 }}>
      <Box sx={{ display: "grid", gap: 1.25, gridTemplateColumns: { xs: "minmax(0, 1fr)", sm: "2fr 1fr 1fr" } }}>
        <TextLine
          label={labelFormTexts.name}
          value={label.name}
          most={80}
          onValue={(name) => patch({ name }, "name")}
          onDone={onDone}
          onFocus={() => onField(labelFormTexts.makerAndModelAsYouWillLookForIt)}
        />
        <ChoiceField
          label={labelFormTexts.kind}
          value={label.kind}
          options={panelKinds.map((value) => ({ value, text: kindWords[value] }))}
          onChoice={(kind) => patch({ kind }, "kind")}
        />
        <ChoiceField
          label={labelFormTexts.cellType}
          value={label.cellType}
          options={cellTypes.map((value) => ({ value, text: cellTypeWords[value] }))}
          onChoice={(cellType) => patch({ cellType }, "cellType")}
        />
      </Box>
      <Row title={labelFormTexts.electricalDataAtStc1000WM25CNot} columns={5}>
        {numbers("rating")}
      </Row>
      <Row title={labelFormTexts.temperatureCoefficients} columns={3}>
        {numbers("coefficient")}
      </Row>
      <Row title={labelFormTexts.limitsAndBuild} columns={3}>
        {numbers("limit")}
        <ChoiceField
          label={labelFormTexts.cellCut}
          value={label.cellCut}
          options={cellCuts.map((value) => ({ value, text: cellCutWords[value] }))}
          onChoice={(cellCut) => patch({ cellCut }, "cellCut")}
        />
      </Row>
      <Row title={labelFormTexts.sizeWeightAndPrice} columns={3}>
        {numbers("carried")}
        <CurrencyField value={label.currency} onChoice={(currency) => patch({ currency })} />
      </Row>
    </Box>
  );
}

function Row({ title, columns, children }: { title: string; columns: number; children: React.ReactNode }) {
  return (
    <FieldGroup title={title}>
      <Box
        sx={{
          display: "grid",
          gap: 1.25,
          gridTemplateColumns: { xs: "repeat(2, minmax(0, 1fr))", sm: `repeat(${columns}, minmax(0, 1fr))` },
        }}
      >
        {children}
      </Box>
    </FieldGroup>
  );
}
