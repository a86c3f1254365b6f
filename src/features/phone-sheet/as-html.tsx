import { browserClient } from "@/api";
import { Page } from "./Page";
import { type SheetContent } from "./sheet-content";
import { sheetData } from "./make-sheet";

export type MadeSheet =
  { readonly type: "made"; readonly html: string } | { readonly type: "fault"; readonly message: string };

/** The sheet as one file. */
export async function sheetHtml(content: SheetContent): Promise<MadeSheet> {
  const script = await browserClient.phoneSheetScript();
  if (script.type === "fault") return { type: "fault", message: script.fault.message };
  const { renderToStaticMarkup } = await import("react-dom/server");
  // a name in the plan must not end the element it stands in
  const data = JSON.stringify(sheetData(content)).replaceAll("<", "\\u003c");
  const page = renderToStaticMarkup(<Page content={content} {...script.value} data={data} />);
  return { type: "made", html: `<!doctype html>${page}` };
}
