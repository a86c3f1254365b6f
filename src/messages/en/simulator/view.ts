export const openBenchTexts = {
  nothingToTestAtThisPvInputYet: "Nothing to test at this PV input yet.",
};
