"use client";

import Box from "@mui/material/Box";
import { assumedCoefficients, cellTypes } from "@/core/engine/panel";
import { cellCuts, panelKinds, type PanelSheet } from "@/core/plan";
import { type CoefficientBase, fieldSpecs, readCoefficient } from "@/core/engine/units";
import { ChoiceField, CurrencyField, FieldGroup, QuantityField, TextLine } from "@/ui";
import { cellCutWords, cellTypeWords, given, kindWords } from "@/messages/en";
import { carriedFields, coefficientFields, type LabelField, otherFields, ratingFields } from "./fields";

type Props = {
  readonly label: PanelSheet;
  /** Changes with one gesture name in a row are one step of undo. */
  readonly patch: (change: Partial<PanelSheet>, gesture?: string) => void;
  readonly onDone: () => void;
  readonly onField: (help: string) => void;
};

/** A panel's label, laid out as a sticker is. Every keystroke that can be read is in the plan at once. */
export function LabelForm({ label, patch, onDone, onField }: Props) {
  const assumed = assumedCoefficients[label.cellType];

  const quantity = ({ name, label: title, help, needed }: LabelField) => {
    const base = coefficientBase(name, label);
    const silent =
      name === "tempCoVocPctPerC" || name === "tempCoIscPctPerC" || name === "tempCoPmaxPctPerC"
        ? `assumed ${given(assumed[name], "")}`
        : "not stated";
    return (
      <QuantityField
        key={name}
        label={title}
        spec={fieldSpecs[name]}
        value={label[name]}
        onValue={(value) => patch({ [name]: value }, name)}
        onDone={onDone}
        help={help}
        placeholder={needed ? "needed" : silent}
        onFocus={() => onField(help)}
        {...(base === null ? {} : { read: (text: string) => readCoefficient(text, fieldSpecs[name], base) })}
      />
    );
  };

  return (
    <Box sx={{ display: "grid", gap: 1.25 }}>
      <Box sx={{ display: "grid", gap: 1.25, gridTemplateColumns: { xs: "minmax(0, 1fr)", sm: "2fr 1fr 1fr" } }}>
        <TextLine
          label="Name"
          value={label.name}
          most={80}
          onValue={(name) => patch({ name }, "name")}
          onDone={onDone}
          onFocus={() => onField("Name: maker and model, as you will look for it later.")}
        />
        <ChoiceField
          label="Kind"
          value={label.kind}
          options={panelKinds.map((value) => ({ value, text: kindWords[value] }))}
          onChoice={(kind) => patch({ kind }, "kind")}
        />
        <ChoiceField
          label="Cells"
          value={label.cellType}
          options={cellTypes.map((value) => ({ value, text: cellTypeWords[value] }))}
          onChoice={(cellType) => patch({ cellType }, "cellType")}
        />
      </Box>
      <Row title="Electrical data at STC (1000 W/m², 25 °C). Not the NMOT/NOCT column." columns={5}>
        {ratingFields.map(quantity)}
      </Row>
      <Row title="Change per degree" columns={3}>
        {coefficientFields.map(quantity)}
      </Row>
      <Row title="Limits and build" columns={3}>
        {otherFields.map(quantity)}
        <ChoiceField
          label="Cell cut"
          value={label.cellCut}
          options={cellCuts.map((value) => ({ value, text: cellCutWords[value] }))}
          onChoice={(cellCut) => patch({ cellCut }, "cellCut")}
        />
      </Row>
      <Row title="Carrying and buying" columns={3}>
        {carriedFields.map(quantity)}
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

/** What an absolute coefficient (mV, mA, W per degree) is a share of. */
function coefficientBase(name: LabelField["name"], label: PanelSheet): CoefficientBase | null {
  switch (name) {
    case "tempCoVocPctPerC":
      return { unit: "V", value: label.vocV };
    case "tempCoIscPctPerC":
      return { unit: "A", value: label.iscA };
    case "tempCoPmaxPctPerC":
      return { unit: "W", value: label.pmaxW };
    default:
      return null;
  }
}
