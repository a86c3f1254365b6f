import { readFileSync } from "node:fs";
import { answerFindCase } from "../src/core/case";
import { print, timed } from "./figures";

/** Every wiring of twelve panels of three kinds on two ports, by watts. */
const { case: given } = JSON.parse(readFileSync("src/core/fixtures/find/two-unlike-ports.json", "utf8")) as {
  readonly case: { readonly panels: Record<string, unknown>; readonly have: Record<string, number> };
};
const { case: other } = JSON.parse(readFileSync("src/core/fixtures/find/more-amps-below-thirty.json", "utf8")) as {
  readonly case: { readonly panels: Record<string, unknown> };
};
const twelve = {
  ...given,
  panels: { ...other.panels, ...given.panels },
  have: { rigid60: 4, rigid36: 4, plate38: 4 },
};
const answer = answerFindCase(twelve);
if (answer.type !== "answer") throw new Error(answer.problem);
print(
  `12 panels of 3 kinds, 2 ports: ${answer.answer.considered} nets before a port`,
  timed(3, () => void answerFindCase(twelve)),
);
