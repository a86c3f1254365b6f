import * as fixings from "./fixings";
import * as inputs from "./inputs";
import * as mounts from "./mounts";
import * as need from "./need";
import * as notes from "./notes";
import * as panels from "./panels";
import * as positions from "./positions";
import * as protect from "./protect";
import * as shopping from "./shopping";
import * as site from "./site";
import * as space from "./space";
import * as standards from "./standards";
import * as wirings from "./wirings";

/** Every section of a plan, in the order of its document. A new one is a file beside these and a line here. */
export const sections = {
  site,
  need,
  panels,
  inputs,
  space,
  mounts,
  fixings,
  positions,
  wirings,
  standards,
  protect,
  shopping,
  notes,
} as const;
export type SectionName = keyof typeof sections;
export const sectionNames = Object.keys(sections) as readonly SectionName[];
