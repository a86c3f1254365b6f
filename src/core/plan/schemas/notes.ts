import { z } from "zod";
import { notesOf } from "../fields";

export const schema = z.strictObject({
  need: notesOf,
  layout: notesOf,
  panels: notesOf,
  controller: notesOf,
  wiring: notesOf,
  protection: notesOf,
  mounting: notesOf,
  test: notesOf,
  log: notesOf,
});
