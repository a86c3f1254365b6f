import { type ComponentProps } from "react";
import style from "./text-button.module.css";

type Props = ComponentProps<"button"> & { readonly look?: "outlined" | "plain" | "amber" };

/** A small button with words on it: plain CSS, for views that are drawn at every edit. Filled while pressed. */
export function TextButton({ look = "outlined", className = "", ...props }: Props) {
  return <button type="button" {...props} className={`${style["key"]} ${style[look]} ${className}`} />;
}
