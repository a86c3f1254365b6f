export const planOpeningTexts = {
  thisPlanCannotBeOpened: "This plan cannot be opened",
  openingThePlan: "Opening the plan…",
};

export const rescueTexts = {
  makeANewPlanFromRevisionWhole: (whole: number) => `Make a new plan from revision ${whole}`,
};
