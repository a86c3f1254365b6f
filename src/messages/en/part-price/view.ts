export const partPriceCellsTexts = {
  wordsAlreadyHave: (words: string) => `${words}: already have`,
  howManyYouAlreadyHave: "How many you already have.",
  wordsPrice: (words: string) => `${words}: price`,
};
