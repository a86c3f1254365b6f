import { fieldNames, type PanelFieldCatalogue, panelFields, type TextPatterns } from "../../plan";

type Patterned = {
  [Name in keyof typeof panelFields]: (typeof panelFields)[Name]["text"] extends null ? never : Name;
}[keyof typeof panelFields];
/** A field that a text may state of a panel by a name for it. */
export type ReadField = Patterned;

/** What fields go by in texts, the longer and narrower names first. */
export type TextFields = readonly (TextPatterns & { readonly field: ReadField })[];

export function textFieldsOf(catalogue: PanelFieldCatalogue): TextFields {
  return fieldNames(catalogue)
    .flatMap((name) => {
      const text = catalogue[name]?.text ?? null;
      return text === null ? [] : [{ ...text, field: name as ReadField }];
    })
    .sort((a, b) => a.order - b.order);
}

export const textFields = textFieldsOf(panelFields);

/** What stands for something else than the panel itself: the carton it comes in, or folded up. */
export const ofThePacking =
  /shipping|package|packing|packag|carton|gross|versand|verpackung|karton|box size|folded|stowed|closed|gefaltet/i;
/** A column, a line or a heading of everyday conditions, which is not the label. */
export const everyday = /\bn(?:oct|mot)\b|800\s?w\/m|normal operating|low light/i;
export const standard = /\bstc\b|standard test|1000\s?w\/m/i;
