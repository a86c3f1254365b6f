"use client";

import { skinFacts } from "@/core/mounting";
import { skins } from "@/core/plan";
import { Region, Table } from "@/ui";
import { primerWords, skinWords } from "@/messages/en";
import { useReport } from "./facts";

/** What holds on what, and how each is made ready. */
export function SkinsSheet() {
  const { way } = useReport();
  return (
    <Region title="What holds on what">
      <Table label="Table of skins" head={["Skin", "Made ready", "Foam tape", "Polyurethane", "Edges of holes"]}>
        <tbody>
          {skins.map((skin) => {
            const { tapeHolds, sealantHolds, isAbraded, primer, edgeIsPainted } = skinFacts[skin];
            const isOurs = skin === way.skin;
            return (
              <tr key={skin} aria-current={isOurs ? "true" : undefined}>
                <th scope="row">
                  {skinWords[skin]}
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
        tape or sealant says of your skin counts before this table.
      </p>
    </Region>
  );
}
