/** From one wiring of the panels to another. */
export const changeoverTexts = {
  changingOver: "Changing over",
  from: (name: string) => `From “${name}” to`,
  nothingMoves: "Nothing moves: both are connected alike.",
  dangers: "Dangers",
  heading: (from: string, to: string) => `Changing over: from “${from}” to “${to}”`,
};
