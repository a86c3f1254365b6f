export const cableWaysTexts = {
  measuredAtLayout: "Measured at Layout",
  cableRoutes: "Cable routes",
  eachForAndWithSlackPctExtra: (slackPct: number) => `each for + and −, with ${slackPct} % extra length`,
};

export const notesFieldTexts = {
  savedAutomaticallyWithThePlan: "Saved automatically with the plan.",
  textCountOfMaxCharacters: (textCount: number, maxCharacters: number) =>
    `${textCount} of ${maxCharacters} characters.`,
};
