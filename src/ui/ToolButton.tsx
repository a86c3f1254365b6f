import { type ComponentProps } from "react";
import style from "./tool-button.module.css";

/** A small square button with an icon in it: plain, for views that are drawn at every edit. */
export function ToolButton(props: ComponentProps<"button"> & { readonly "aria-label": string }) {
  return <button type="button" {...props} className={style["key"]} />;
}
