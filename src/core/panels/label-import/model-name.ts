/** What every panel is called. */
const generic =
  /\b(?:\d+ ?Wp? )?(?:mono(?:crystalline)? |poly(?:crystalline)? |flexible |folding |portable )?(?:solar|pv|photovoltaic) (?:panel|charge controller|module)\b.*$/i;

/** A name from a heading: without what every panel is called, and without its watts. */
export function nameFrom(head: string): string {
  return head
    .replace(/^(?:solar )?(?:panel|module|solarmodul|station|power station)\s+(?=\S)/i, "")
    .replace(/^\d+ ?Wp?\s+/i, "")
    .split(/[,(|]/, 1)
    .join("")
    .replace(generic, "")
    .replace(/\b(?:portable )?power station\b.*$/i, "")
    .replace(/\bseries\b.*$/i, "")
    .trim()
    .slice(0, 80);
}

/** What a line calls the model, if it says so. */
export function modelIn(words: string): string | null {
  const model = /^(?:module )?(?:type|model|typ|modell)(?: no\.?| number| name)? ?[:=.] ?(?=\S)([^;,|]{2,40})/i.exec(
    words,
  )?.[1];
  return model === undefined || !/\d/.test(model) ? null : model.trim();
}

export function withModel(maker: string, model: string): string {
  return maker === "" || maker.includes(model) ? maker || model : `${maker} ${model}`.slice(0, 80);
}

export function joined(family: string, model: string): string {
  const [first = ""] = family.split(" ");
  return first === "" || model.toLowerCase().includes(first.toLowerCase()) ? model : `${first} ${model}`;
}
