/** What goes with every wiring, on screen and on paper. */
export const cautions =
  "Panels are live whenever there is light: cover them or work at dusk, and never disconnect a connector while current flows. Above 60 V (30 V wet or afloat) treat DC as a shock hazard. To connect: battery first, then panels. To disconnect: panels first, then battery. This is a plan, not a permit: your local code and a licensed person have the last word.";
