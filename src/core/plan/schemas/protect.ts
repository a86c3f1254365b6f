import { z } from "zod";
import { field, id, name, stated } from "../fields";

/** What joining and buying the copper goes by: plugs and adapters, the box, prices of parts. Cables and fuses are the wirings'. */

/** Strings joined in a box with bars and glands, by branch plugs, or whichever suits the amps. */
export const joinings = ["auto", "box", "plugs"] as const;

export const kind = z.strictObject({ id, name, maxA: field("plugA"), maxV: field("plugV"), turns: z.boolean() });

const adapter = z.strictObject({
  id,
  name,
  fromId: id,
  toId: id,
  reverses: z.boolean(),
  maxA: field("plugA"),
  price: stated("price"),
});

/** Whether a plug that can be put together two ways is the wrong way round; null: nobody has looked. */
const turned = z.boolean().nullable();

const panelEnd = z.strictObject({ panelId: id, kindId: id, turned });

const portEnd = z.strictObject({
  inputId: id,
  portId: id,
  kindId: id,
  /** Its socket has + and − the other way round than such plugs have them. */ reversed: z.boolean(),
  /** The chain that is there or chosen; null: as it is found. */
  chain: z
    .array(z.strictObject({ adapterId: id, turned }))
    .max(8)
    .nullable(),
});

/** What flows back from a battery through its controller into the panels' cables: nothing, as it is isolated or blocks it, or what the battery gives. */
const backfeeds = ["none", "fromBattery"] as const;

/** By which poles a controller joins panels and battery inside. */
const joinedPoles = ["negative", "positive", "neither"] as const;

/** What a charge controller's terminals take, and what it lets through; null: nobody has looked. */
export const controller = z.strictObject({
  inputId: id,
  /** Thickest cable of its PV and battery terminals. */ pvMm2: stated("terminalMm2"),
  batteryMm2: stated("terminalMm2"),
  backfeed: z.enum(backfeeds).nullable(),
  joins: z.enum(joinedPoles).nullable(),
});

/** What one part costs and how many are there already, by the part's own words. */
export const price = z.strictObject({ part: z.string().min(1).max(120), each: stated("price"), owned: field("owned") });

export const schema = z.strictObject({
  joining: z.enum(joinings),
  /** Most that a run may lose of the volts; null: 3 %. */ maxDropPct: stated("dropPct"),
  /** Afloat, or where it gets wet: volts are a shock hazard from 30 V. */ isWet: z.boolean(),
  /** What a kWh is worth, so that watts lost have a price. */ kwhPrice: stated("price"),
  currency: z.string().regex(/^[A-Z]{3}$/, "a currency is its three-letter code, such as EUR"),
  /** Cable bought over what is cut; null: 10 %. */ wastePct: stated("wastePct"),
  /** Whether one plug, fuse and terminal of each kind is bought to spare. */ spares: z.boolean(),
  kinds: z.array(kind).max(40),
  adapters: z.array(adapter).max(80),
  panelEnds: z.array(panelEnd).max(40),
  portEnds: z.array(portEnd).max(200),
  controllers: z.array(controller).max(40),
  prices: z.array(price).max(300),
});

export type Protect = z.infer<typeof schema>;

export type PanelEnd = Protect["panelEnds"][number];

export type PortEnd = Protect["portEnds"][number];

export type ControllerFacts = Protect["controllers"][number];

export type PartPrice = Protect["prices"][number];
