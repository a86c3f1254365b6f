import { type ReactNode } from "react";
import style from "./board.module.css";
import { type Target } from "./targets";

type Props = {
  readonly id: string;
  readonly target: Target;
  readonly shape: "gap" | "strip" | "area";
  readonly children?: ReactNode;
};

/** Somewhere panels can be dropped. A gap keeps its width whether anything is dragged or not, so nothing jumps. */
export function Zone({ id, target, shape, children }: Props) {
  return (
    <div data-zone={id} data-target={JSON.stringify(target)} className={`${style["zone"]} ${style[shape]}`}>
      {children}
    </div>
  );
}
