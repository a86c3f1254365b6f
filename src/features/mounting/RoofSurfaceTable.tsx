"use client";

import { roofSurfaceFacts } from "@/core/mounting";
import { roofSurfaces } from "@/core/plan";
import { Region, Table } from "@/ui";
import { primerWords, roofSurfaceWords } from "@/messages/en";
import { useReport } from "./facts";
import { roofSurfaceTableTexts } from "@/messages/en/mounting/view";

/** What holds on what, and how each is made ready. */
export function RoofSurfaceTable() {
  const { conditions } = useReport();
  return (
    <Region title={roofSurfaceTableTexts.whatHoldsOnWhichSurface}>
      <Table
        label={roofSurfaceTableTexts.tableOfRoofSurfaces}
        head={[
          roofSurfaceTableTexts.roofSurface,
          roofSurfaceTableTexts.preparation,
          roofSurfaceTableTexts.foamTape,
          roofSurfaceTableTexts.polyurethane,
          roofSurfaceTableTexts.edgesOfHoles,
        ]}
      >
        <tbody>
          {roofSurfaces.map((surface) => {
            const { tapeHolds, sealantHolds, isAbraded, primer, edgeIsPainted } = roofSurfaceFacts[surface];
            const isOurs = surface === conditions.roofSurface;
            return (
              <tr key={surface} aria-current={isOurs ? "true" : undefined}>
                <th scope="row">
                  {roofSurfaceWords[surface]}
                  {isOurs ? roofSurfaceTableTexts.thisRoof : ""}
                </th>
                <td>
                  {tapeHolds || sealantHolds
                    ? roofSurfaceTableTexts.preparationOf(isAbraded, primer === null ? null : primerWords[primer])
                    : roofSurfaceTableTexts.noAdhesiveHolds}
                </td>
                <td>{tapeHolds ? roofSurfaceTableTexts.holds : roofSurfaceTableTexts.doesNotHold}</td>
                <td>{sealantHolds ? roofSurfaceTableTexts.holds : roofSurfaceTableTexts.doesNotHold}</td>
                <td>
                  {edgeIsPainted
                    ? roofSurfaceTableTexts.paintOrSeal
                    : tapeHolds
                      ? roofSurfaceTableTexts.fileSmooth
                      : ""}
                </td>
              </tr>
            );
          })}
        </tbody>
      </Table>
      <p style={{ margin: "8px 0 0" }}>{roofSurfaceTableTexts.removeLooseOrChalkingPaintFirstA}</p>
    </Region>
  );
}
