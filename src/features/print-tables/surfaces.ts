import { pieceName, type Plan, type Surface } from "@/core/plan";
import { panelsOn, sizeOf, wayLength, wayLine } from "@/core/layout/roof";
import { parkedIn } from "@/core/plan-model";
import { cutList, drawSurface, planSheet, sheetSvg } from "@/core/drawings";
import { partsOfKey } from "@/core/engine/array";
import { type PaperTable } from "./paper-table";
import { surfacesTexts } from "@/messages/en/print-tables/view";

const railMm = 3000;

/** A surface on paper: its drawing to scale, and where everything lies by its distance from fixed edges. */
export type SurfacePapers = {
  readonly id: string;
  readonly name: string;
  /** To scale where it is printed at its own size. */ readonly svg: string;
  readonly places: PaperTable;
  /** Tables of cables and rails, where there are any. */ readonly more: readonly PaperTable[];
};

export function surfacePapers(
  plan: Plan,
  surface: Surface,
  positionId: string,
  on: "page" | "screen" = "page",
): SurfacePapers {
  const { id, name } = surface;
  const panels = panelsOn(plan, surface, positionId, parkedIn(plan));
  const ways = plan.space.ways.filter(({ surfaceId }) => surfaceId === id);
  const { rails } = cutList(plan, panels, railMm);
  return {
    id,
    name,
    svg: sheetSvg(planSheet(name, drawSurface(plan, surface, panels), on, (value) => String(Math.round(value)))),
    places: {
      caption: surfacesTexts.nameToTheMiddleOfEachObjectFrom(name),
      head: [
        surfacesTexts.object,
        surfacesTexts.fromTheLeft,
        surfacesTexts.fromTheBack,
        surfacesTexts.turnedBy,
        surfacesTexts.size,
      ],
      rows: [
        ...panels.map((panel) => {
          const kind = plan.panels.find((each) => each.id === partsOfKey(panel.id).panelId);
          const size = kind === undefined ? null : sizeOf(kind);
          return [
            pieceName(plan, panel.id),
            mm(panel.xMm),
            mm(panel.yMm),
            `${panel.turnDeg}°`,
            size === null ? "" : `${mm(size.lengthMm)} × ${mm(size.widthMm)}`,
          ];
        }),
        ...plan.space.obstacles
          .filter(({ surfaceId }) => surfaceId === id)
          .map(({ name: thing, xMm, yMm, shape }) => [
            thing,
            mm(xMm),
            mm(yMm),
            shape.type === "box" ? `${shape.turnDeg}°` : "",
            shape.type === "box"
              ? `${mm(shape.lengthMm)} × ${mm(shape.widthMm)}`
              : surfacesTexts.mmDiameter(mm(2 * shape.radiusMm)),
          ]),
        ...plan.space.glands
          .filter(({ surfaceId }) => surfaceId === id)
          .map(({ name: thing, xMm, yMm, holeMm, existing }) => [
            thing,
            mm(xMm),
            mm(yMm),
            "",
            `hole ${mm(holeMm)}${existing ? surfacesTexts.alreadyThere : ""}`,
          ]),
      ],
    },
    more: [
      {
        caption: surfacesTexts.cablesOnItEachTwiceAnd,
        head: ["Cable", surfacesTexts.onTheSurface, surfacesTexts.onward, surfacesTexts.cutLength],
        rows: ways.map((way) => {
          const { overMm, onMm, cutMm } = wayLength(way, wayLine(way, plan, panels));
          return [way.name, mm(overMm), mm(onMm), mm(cutMm)];
        }),
      },
      {
        caption: surfacesTexts.railsToCutWhereRailsAreUsed,
        head: ["Length", surfacesTexts.quantity, "Under"],
        rows: rails.map(({ lengthMm, count, of }) => [mm(lengthMm), String(count), of]),
      },
    ].filter(({ rows }) => rows.length > 0),
  };
}

function mm(value: number): string {
  return surfacesTexts.valueMm(Math.round(value));
}
