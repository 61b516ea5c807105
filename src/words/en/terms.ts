import { table } from "../table";

/** Terms that growers meet here first, and what they mean. */
export const terms = table({
  packetDay: "A day's growth (packet days)",
  packetDayMeans:
    "The growth of one day in the good weather a seed packet assumes. A packet that says 50 days needs 50 of them. A bright day in May is worth about one, a short cold day in December a small part of one.",
  cliff: "The cliff",
  cliffMeans:
    "The stretch of late summer in which a day's delay in sowing costs weeks or months: what is not ready when days get short has to wait for the light to return. The last safe date is the last day before it.",
  strand: "Strand",
  strandMeans:
    "A planting drawn along time. It gets thicker as the crop grows, is full width when it is ready, and fades when its quality or a killing night ends it.",
  hardened: "Hardened",
  hardenedMeans:
    "How far plants have adapted to cold. Cool weeks above freezing harden them; mild weeks undo it. A hardened plant survives nights that kill a soft one.",
  lethalTemperature: "LT50",
  lethalTemperatureMeans:
    "The temperature at the plant that kills half of the plants in one night. It is lower for hardened plants.",
  acceptedRisk: "Accepted risk",
  acceptedRiskMeans:
    "How often you accept a loss. At 1 year in 5, dates are set so that frost or cold comes too early in 1 year of 5.",
  tenHourDay: "Ten-hour day",
  tenHourDayMeans:
    "When days are shorter than about ten hours, most crops almost stop growing. Crops that are nearly full size by then hold in the bed and are picked through winter.",
});

type Means<Key> = Key extends `${infer Name}Means` ? Name : never;

/** The terms that have a meaning beside their name. */
export type TermName = Means<keyof typeof terms>;
