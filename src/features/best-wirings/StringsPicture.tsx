import { type Plan } from "@/core/plan";
import { type PortArray, tilesOfStrings } from "@/core/engine/array";
import style from "./finder.module.css";

/** The letter a kind of panel goes by in the pictures; one that is not in the plan yet: a star. */
export function letterOf({ panels }: Pick<Plan, "panels">, panelId: string): string {
  const at = panels.findIndex(({ id }) => id === panelId);
  return at < 0 ? "✦" : String.fromCharCode(65 + (at % 26));
}

const tile = { wide: 17, high: 12, gap: 3 } as const;

/** Strings as they are drawn: what they hold, and how many alike stand in this one's place. */
type Drawn = { readonly string: readonly string[]; readonly times: number };

/** Strings before one port that are drawn one by one; where there are more, those that are alike are drawn once. */
const maxDrawn = 5;

function drawnStrings({ strings }: PortArray): readonly Drawn[] {
  const all = strings.map((string) => tilesOfStrings([string]).map(({ panelId }) => panelId));
  if (all.length <= maxDrawn) return all.map((string) => ({ string, times: 1 }));
  const alike = new Map<string, Drawn>();
  for (const string of all) {
    const key = string.join();
    alike.set(key, { string, times: (alike.get(key)?.times ?? 0) + 1 });
  }
  return [...alike.values()];
}

/** Strings as they would lie on the board, a letter for each kind of panel; a stem for each port. */
export function StringsPicture({
  plan,
  portArrays,
}: {
  readonly plan: Plan;
  readonly portArrays: readonly PortArray[];
}) {
  const pitch = tile.high + 6;
  const drawn = portArrays.map(drawnStrings);
  const wide = (strings: readonly Drawn[]) =>
    16 +
    Math.max(1, ...strings.map(({ string, times }) => string.length + (times > 1 ? 1.5 : 0))) * (tile.wide + tile.gap);
  const lefts = drawn.map((_, k) => drawn.slice(0, k).reduce((sum, strings) => sum + wide(strings) + 14, 0));
  const width = (lefts.at(-1) ?? 0) + wide(drawn.at(-1) ?? []);
  const height = Math.max(1, ...drawn.map(({ length }) => length)) * pitch + 12;
  return (
    <svg
      className={style["picture"]}
      viewBox={`-4 -4 ${Math.max(150, width) + 8} ${Math.max(64, height) + 8}`}
      aria-hidden
      preserveAspectRatio="xMidYMax meet"
    >
      {drawn.map((strings, portArray) => {
        const bottom = Math.max(64, height);
        const top = bottom - 10 - strings.length * pitch;
        return (
          <g key={portArray} transform={`translate(${lefts[portArray] ?? 0} 0)`}>
            <path d={`M6 ${bottom}V${top + tile.high / 2}`} className={style["stem"]} />
            <path d={`M0 ${bottom}h12`} className={style["ground"]} />
            {strings.map(({ string, times }, k) => {
              const y = top + k * pitch;
              return (
                <g key={k}>
                  <path
                    d={`M6 ${y + tile.high / 2}h${8 + string.length * (tile.wide + tile.gap)}`}
                    className={style["twig"]}
                  />
                  {string.map((panelId, n) => (
                    <g key={n} transform={`translate(${13 + n * (tile.wide + tile.gap)} ${y})`}>
                      <rect width={tile.wide} height={tile.high} rx={1.5} className={style["leaf"]} />
                      <text x={tile.wide / 2} y={tile.high - 3} className={style["letter"]}>
                        {letterOf(plan, panelId)}
                      </text>
                    </g>
                  ))}
                  {times > 1 && (
                    <text
                      x={18 + string.length * (tile.wide + tile.gap)}
                      y={y + tile.high - 2}
                      className={style["times"]}
                    >
                      × {times}
                    </text>
                  )}
                </g>
              );
            })}
          </g>
        );
      })}
    </svg>
  );
}
