import { panelColumns, writeLibrary, writeTable } from "@/core/library";
import { demoInputs, demoPanels } from "@/demo";
import { drain } from "@/core/engine/generators";
import { type LibraryRead, readLibrary, type ReadProgress, type ShelfName } from "./read-library";

function readWith(text: string, shelf: ShelfName, heard?: (progress: ReadProgress | undefined) => void): LibraryRead {
  return drain(readLibrary({ text, shelf }), heard);
}
const last = (text: string, shelf: ShelfName = "panels") => readWith(text, shelf);
const faultOf = (text: string) => {
  const answer = last(text);
  return answer.type === "fault" ? answer.fault.type : answer.type;
};

test("a thousand rows are read in order, with word of progress that only grows", () => {
  const panels = Array.from({ length: 1000 }, (_, k) => ({
    ...demoPanels.rigid195,
    name: `Panel "${k}"; two, lines`,
    pmaxW: 100 + k / 10,
  }));
  const csv = writeTable(panelColumns, panels)
    .map((row) => row.map((cell) => `"${String(cell).replaceAll('"', '""')}"`).join(";"))
    .join("\r\n");
  const shares: number[] = [];
  const end = readWith(`\ufeff${csv}`, "panels", (progress) => shares.push(progress?.share ?? Number.NaN));
  expect(shares.length).toBe(4);
  expect(shares).toEqual([...shares].sort((a, b) => a - b));
  if (end.type !== "contents") throw new Error(JSON.stringify(end));
  expect(end.contents.sheets.panels).toEqual(panels);
  expect(end.contents.refused).toEqual([]);
});

test("rows that cannot be sheets are left out and told by their row in the file; the others are kept", () => {
  const end = last("Name,Pmax (W)\n\nGood,100\n,120\nWild,9999\n");
  expect(end).toMatchObject({
    type: "contents",
    contents: { rows: 3, refused: [{ at: 4, path: "name" }], columns: [{ filled: 2 }, { filled: 2, faultCount: 1 }] },
  });
  expect(end.type === "contents" && end.contents.sheets.panels.map(({ name, pmaxW }) => [name, pmaxW])).toEqual([
    ["Good", 100],
    ["Wild", null],
  ]);
});

test("inputs come as a row for each port; a library file is known by itself whatever shelf is asked for", () => {
  const end = last("Name,Port,Max voltage (V),Max current (A)\nTwin,Left,60,12\nTwin,Right,150,15\n", "inputs");
  expect(end).toMatchObject({
    contents: {
      sheets: {
        inputs: [
          {
            name: "Twin",
            ports: [
              { name: "Left", maxV: 60, currentLimits: [{ amps: 12 }] },
              { name: "Right", maxV: 150 },
            ],
          },
        ],
      },
    },
  });
  const all = { panels: Object.values(demoPanels), inputs: Object.values(demoInputs) };
  expect(last(writeLibrary(all), "inputs")).toMatchObject({
    type: "contents",
    contents: { sheets: all, columns: null },
  });
});

test("files that are no table are told apart", () => {
  expect(faultOf(" \n ")).toBe("empty");
  expect(faultOf("Name\u0000,x\n1,2")).toBe("notText");
  expect(faultOf('Name,Kind\n"never closed,rigid\n')).toBe("badQuotes");
  expect(faultOf(`Name${",x".repeat(300)}\n`)).toBe("tooManyColumns");
  expect(faultOf(`Name\n${"a\n".repeat(5001)}`)).toBe("tooManyRows");
  expect(faultOf("dear sir,\nplease find attached,")).toBe("noHeadings");
  expect(faultOf('{"half": ')).toBe("notJson");
});
