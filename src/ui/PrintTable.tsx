import { type ReactNode } from "react";
import style from "./print.module.css";

type Props = {
  readonly caption: string;
  readonly head: readonly string[];
  readonly rows: readonly (readonly ReactNode[])[];
};

/** A ruled table on paper; a row is never broken over two pages, and the heads stand on each of them. */
export function PrintTable({ caption, head, rows }: Props) {
  return (
    <table className={style["table"]}>
      <caption>{caption}</caption>
      <thead>
        <tr>
          {head.map((words) => (
            <th key={words} scope="col">
              {words}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map((cells, row) => (
          <tr key={row}>
            {cells.map((cell, k) => (
              <td key={k}>{cell}</td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}
