import { createRequire } from "node:module";
import path from "node:path";
import { createWorker, OEM, PSM, type Worker } from "tesseract.js";
import { type Word } from "@/core/panels/label-import/photo";

/** Readers of letters in threads of their own: one that knows whole lines, and an older one that looks at each sign by itself. */
export type Engine = {
  /** Words of a whole picture, or of one line. */ readonly words: (
    png: Buffer,
    of: "page" | "line",
  ) => Promise<Word[]>;
  /** What each of some cut-outs says, told by both readers one after the other. */
  readonly numbers: (pngs: readonly Buffer[], told: (done: number) => void) => Promise<string[][]>;
  readonly end: () => Promise<void>;
};

const data = path.dirname(
  createRequire(path.join(process.cwd(), "package.json")).resolve("@tesseract.js-data/eng/package.json"),
);
const common = { user_defined_dpi: "200" };
const figures = "0123456789.-+";

export async function openEngine(): Promise<Engine> {
  const [lines, signs] = await Promise.all([
    openReader(OEM.LSTM_ONLY, "4.0.0_best_int"),
    openReader(OEM.TESSERACT_ONLY, "4.0.0"),
  ]);
  const alone = { ...common, tessedit_pageseg_mode: PSM.SINGLE_LINE, tessedit_char_whitelist: figures };
  await signs.setParameters(alone);
  // it learns the letters of a photo as it reads; what it learnt of one must not change how the next one is read
  let isFresh: Promise<unknown> = Promise.resolve();
  const forget = async () => {
    await signs.reinitialize("eng", OEM.TESSERACT_ONLY);
    await signs.setParameters(alone);
  };
  return {
    words: async (png, of) => {
      const mode = of === "page" ? PSM.SINGLE_BLOCK : PSM.SINGLE_LINE;
      await lines.setParameters({ ...common, tessedit_pageseg_mode: mode, tessedit_char_whitelist: "" });
      const { data: page } = await lines.recognize(png, {}, { blocks: true, text: false });
      return (page.blocks ?? []).flatMap(({ paragraphs }) =>
        paragraphs.flatMap((paragraph) =>
          paragraph.lines.flatMap((line) =>
            line.words.map(({ confidence, bbox, symbols }) => ({
              sure: confidence,
              box: bbox,
              signs: symbols.map(({ text, bbox: box }) => ({ text, box })),
            })),
          ),
        ),
      );
    },
    numbers: async (pngs, told) => {
      await Promise.all([isFresh, lines.setParameters(alone)]);
      let done = 0;
      const by = async (reader: Worker) => {
        const said: string[] = [];
        for (const png of pngs) {
          said.push((await reader.recognize(png)).data.text.trim());
          told((done += 1) / (2 * pngs.length));
        }
        return said;
      };
      const [one, other] = await Promise.all([by(lines), by(signs)]);
      isFresh = forget();
      return pngs.map((_, k) => [one[k] ?? "", other[k] ?? ""]);
    },
    end: async () => {
      await Promise.all([lines.terminate(), signs.terminate()]);
    },
  };
}

function openReader(mode: OEM, kind: string): Promise<Worker> {
  return createWorker("eng", mode, { langPath: path.join(data, kind), cacheMethod: "none", gzip: true });
}
