import { type ReactNode } from "react";
import style from "./table.module.css";

/** The name over a column; over figures it stands to the right, as they do. */
export type Head = string | { readonly words: string; readonly isNumber?: boolean; readonly help?: string };

/** The name over a column of figures. */
export function overFigures(words: string): Head {
  return { words, isNumber: true };
}

type Props = {
  /** What it holds: the name of a region that scrolls sideways by itself where the table is wider than its place. */
  readonly label?: string;
  /** Said above it. */ readonly caption?: string;
  /** Said to those who hear it alone. */ readonly spokenCaption?: string;
  readonly head?: readonly Head[];
  /** Whether the heads are for those who hear the table alone. */ readonly hidesHead?: boolean;
  /** Whether every column but the first is figures; else cells marked `data-num` are. */ readonly figures?: boolean;
  /** Whether it has so many columns that they stand close. */ readonly dense?: boolean;
  /** Whether it lies from edge to edge of its sheet. */ readonly flush?: boolean;
  /** What this table alone has of its own. */ readonly className?: string | undefined;
  readonly children: ReactNode;
};

/** A table on the screen; one on paper: `PrintTable`. A row marked `data-sum` is ruled above and bold. */
export function Table({
  label,
  caption,
  spokenCaption,
  head,
  hidesHead,
  figures,
  dense,
  flush,
  className,
  children,
}: Props) {
  const table = (
    <table
      className={`${style["table"]} ${className ?? ""}`}
      data-figures={figures}
      data-dense={dense}
      data-flush={flush}
    >
      {caption !== undefined && <caption>{caption}</caption>}
      {spokenCaption !== undefined && <caption className="visually-hidden">{spokenCaption}</caption>}
      {head !== undefined && (
        <thead className={hidesHead === true ? "visually-hidden" : undefined}>
          <tr>
            {head.map((each, k) => {
              const { words, isNumber, help } = typeof each === "string" ? { words: each } : each;
              return (
                <th key={k} scope="col" data-num={isNumber === true ? "" : undefined} title={help}>
                  {words}
                </th>
              );
            })}
          </tr>
        </thead>
      )}
      {children}
    </table>
  );
  if (label === undefined) return table;
  return (
    <div className={style["scroll"]} role="region" aria-label={label} tabIndex={0}>
      {table}
    </div>
  );
}
