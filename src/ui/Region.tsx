import { type ReactNode, useId } from "react";
import style from "./region.module.css";

/** A sheet of the notebook: a titled region with a ruled heading. */
export function Region({
  title,
  aside,
  children,
  flush = false,
}: {
  title: string;
  aside?: ReactNode;
  children: ReactNode;
  flush?: boolean;
}) {
  const id = useId();
  return (
    <section aria-labelledby={id} className={style["region"]}>
      <div className={style["head"]}>
        <h2 id={id} className={style["title"]}>
          {title}
        </h2>
        {aside}
      </div>
      <div className={flush ? undefined : style["body"]}>{children}</div>
    </section>
  );
}
