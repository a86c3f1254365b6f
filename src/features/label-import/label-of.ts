import { labelSchema, type PanelSheet } from "@/core/plan";
import { type PanelFields } from "@/core/panels/label-import";

/** The fields as a label holds them; what no label may hold, and what is still in doubt, is left out. */
export function labelOf(fields: PanelFields, inDoubt: readonly string[]): Partial<PanelSheet> {
  const found = Object.entries(fields).filter(([field, value]) => {
    const schema = labelSchema.shape[field as keyof typeof labelSchema.shape];
    return schema !== undefined && !inDoubt.includes(field) && schema.safeParse(value).success;
  });
  return Object.fromEntries(found);
}
