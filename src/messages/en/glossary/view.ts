export const glossaryTexts = {
  title: "Glossary",
  search: "Search the glossary",
  close: "Close the glossary",
  nothing: "No term found. Try another word.",
  open: (term: string) => `What is “${term}”?`,
  goTo: (step: string) => `Go to ${step}`,
};
