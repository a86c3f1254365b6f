import { z } from "zod";
import { field, id, stated } from "../fields";

/** What buying goes by: money, room and weight, and what may be bought besides panels. Prices stand on the labels. */

/** Where bought panels would lie: wherever, on a surface of the plan, on a plain area, or put away in the lockers. */
export const shoppingRooms = ["any", "surface", "area", "lockers"] as const;

export const schema = z.strictObject({
  /** Most to be spent, in the currency of the prices. */ budget: stated("price"),
  delivery: stated("price"),
  /** For a panel that does not plug straight into the input. */ adapter: stated("price"),
  /** Panels are sold by so many. */ lot: field("count"),
  room: z.enum(shoppingRooms),
  surfaceId: id.nullable(),
  lengthMm: stated("surfaceMm"),
  widthMm: stated("surfaceMm"),
  /** Most that all bought panels may weigh. */ carryKg: stated("weightKg"),
  /** Whether an input may be bought as well. */ inputsToo: z.boolean(),
  /** Panels of the library that come as a kit and plug straight in. */ plugsIn: z.array(id).max(200),
});

export type Shopping = z.infer<typeof schema>;
