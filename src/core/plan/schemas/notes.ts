import { z } from "zod";
import { notesOf } from "../fields";

export const schema = z.strictObject({
  need: notesOf,
  space: notesOf,
  panels: notesOf,
  input: notesOf,
  wire: notesOf,
  protect: notesOf,
  mount: notesOf,
  prove: notesOf,
  log: notesOf,
});
