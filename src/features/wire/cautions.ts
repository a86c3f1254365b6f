/** What goes with every wiring, on screen and on paper. */
export const cautions =
  "Panels are live whenever there is light: cover them or work at dusk, and never part a connector under load. Above 60 V (30 V wet or afloat) treat DC as a shock hazard. Battery first, panels last; take off in the reverse order. This is a plan, not a permit: your local code and a licensed person have the last word.";
