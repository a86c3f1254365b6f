import { cautionsTexts } from "@/messages/en/wiring/view";
/** What goes with every wiring, on screen and on paper. */
export const cautions = cautionsTexts.panelsAreLiveWheneverThereIs;
