"use client";

import { roofSurfaceFacts } from "@/core/mounting";
import { roofSurfaces } from "@/core/plan";
import { Region, Table } from "@/ui";
import { primerWords, roofSurfaceWords } from "@/messages/en";
import { useReport } from "./facts";

/** What holds on what, and how each is made ready. */
export function RoofSurfaceTable() {
  const { conditions } = useReport();
  return (
    <Region title="What holds on what">
      <Table
        label="Table of roof surfaces"
        head={["Roof surface", "Made ready", "Foam tape", "Polyurethane", "Edges of holes"]}
      >
        <tbody>
          {roofSurfaces.map((surface) => {
            const { tapeHolds, sealantHolds, isAbraded, primer, edgeIsPainted } = roofSurfaceFacts[surface];
            const isOurs = surface === conditions.roofSurface;
            return (
              <tr key={surface} aria-current={isOurs ? "true" : undefined}>
                <th scope="row">
                  {roofSurfaceWords[surface]}
                  {isOurs ? " (here)" : ""}
                </th>
                <td>
                  {tapeHolds || sealantHolds
                    ? `${isAbraded ? "roughened, " : ""}cleaned${primer === null ? "" : `, ${primerWords[primer]}`}`
                    : "nothing is stuck to it"}
                </td>
                <td>{tapeHolds ? "holds" : "does not"}</td>
                <td>{sealantHolds ? "holds" : "does not"}</td>
                <td>{edgeIsPainted ? "painted or sealed" : tapeHolds ? "filed smooth" : ""}</td>
              </tr>
            );
          })}
        </tbody>
      </Table>
      <p style={{ margin: "8px 0 0" }}>
        Loose or chalking paint comes off first: a bond is as good as the paint under it. What the maker’s sheet of the
        tape or sealant says of your roof surface counts before this table.
      </p>
    </Region>
  );
}
