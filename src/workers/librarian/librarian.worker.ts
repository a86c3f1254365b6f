import { type ReadAnswer, type ReadLetter } from "./letters";
import { readFile } from "./read-file";

/** The worker's own end of the slot: nothing but posting. */
type Scope = {
  postMessage: (answer: ReadAnswer) => void;
  onmessage: ((event: MessageEvent<ReadLetter>) => void) | null;
};
const scope = self as unknown as Scope;

scope.onmessage = ({ data }) => readFile(data, (answer) => scope.postMessage(answer));
