import { type ReactNode } from "react";
import style from "./sheet.module.css";

/** What is known of a thing, a line each. */
export function Facts({ facts }: { readonly facts: readonly (readonly [string, ReactNode])[] }) {
  return (
    <dl className={style["facts"]}>
      {facts.map(([name, value]) => (
        <div key={name}>
          <dt>{name}</dt>
          <dd>{value}</dd>
        </div>
      ))}
    </dl>
  );
}
