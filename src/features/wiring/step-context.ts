import { createContext } from "react";
import { type StepShortcut } from "./step-shortcuts";

/** What the tabs of the step share with its frame. */
export const WiringStepContext = createContext<{
  /** Does what a key of the step does. */ readonly run: (key: StepShortcut) => void;
  /** Whether the wirings are shown side by side. */ readonly comparing: boolean;
}>({ run: () => undefined, comparing: false });
