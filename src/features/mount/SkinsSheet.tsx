"use client";

import { skinFacts } from "@/core/mount";
import { skins } from "@/core/plan";
import { Region, sheetStyle } from "@/ui";
import { primerWords, skinWords } from "@/words";
import { useReport } from "./facts";

/** What holds on what, and how each is made ready. */
export function SkinsSheet() {
  const { way } = useReport();
  return (
    <Region title="What holds on what">
      <div className={sheetStyle["scroll"]} role="region" aria-label="Table of skins" tabIndex={0}>
        <table className={sheetStyle["table"]}>
          <thead>
            <tr>
              <th scope="col">Skin</th>
              <th scope="col">Made ready</th>
              <th scope="col">Foam tape</th>
              <th scope="col">Polyurethane</th>
              <th scope="col">Edges of holes</th>
            </tr>
          </thead>
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
        </table>
      </div>
      <p style={{ margin: "8px 0 0" }}>
        Loose or chalking paint comes off first: a bond is as good as the paint under it. What the maker’s sheet of the
        tape or sealant says of your skin counts before this table.
      </p>
    </Region>
  );
}
