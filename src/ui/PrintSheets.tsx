"use client";

import { type ReactNode, useEffect, useState } from "react";
import { flushSync } from "react-dom";
import style from "./print.module.css";

type Props = {
  /** What it is of; on every page. */ readonly head: ReactNode;
  /** What must be read with it; on every page. */ readonly foot: ReactNode;
  readonly children: ReactNode;
};

/**
 * What goes to paper instead of the screen: black on white, in the width of the paper, A4 or Letter, with its head and foot
 * on every page. Drawn only while the browser prints, so that it costs nothing while one works.
 */
export function PrintSheets({ head, foot, children }: Props) {
  const [printing, setPrinting] = useState(false);
  useEffect(() => {
    // the browser takes the page as it is when the listeners return
    const begin = () => flushSync(() => setPrinting(true));
    const end = () => setPrinting(false);
    window.addEventListener("beforeprint", begin);
    window.addEventListener("afterprint", end);
    return () => {
      window.removeEventListener("beforeprint", begin);
      window.removeEventListener("afterprint", end);
    };
  }, []);
  if (!printing) return null;
  return (
    // a table, as its head and foot are what browsers repeat on every page
    <table className={style["sheets"]} role="presentation" data-testid="print">
      <thead>
        <tr>
          <td className={style["head"]}>{head}</td>
        </tr>
      </thead>
      <tfoot>
        <tr>
          <td className={style["foot"]}>{foot}</td>
        </tr>
      </tfoot>
      <tbody>
        <tr>
          <td className={style["body"]}>{children}</td>
        </tr>
      </tbody>
    </table>
  );
}
