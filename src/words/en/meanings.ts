import { table } from "../table";
import type { TermName } from "./terms";

/** What the terms mean. */
export const meanings = table({
  packetDay:
    "The growth of one day in the good weather a seed packet assumes. A packet that says 50 days needs 50 of them. A bright day in May is worth about one, a short cold day in December a small part of one.",
  cliff:
    "The stretch of late summer in which a day's delay in sowing costs weeks or months: what is not ready when days get short has to wait for the light to return. The last safe date is the last day before it.",
  strand:
    "A planting drawn along time. It gets thicker as the crop grows, is full width when it is ready, and fades when its quality or a killing night ends it.",
  hardened:
    "How far plants have adapted to cold. Cool weeks above freezing harden them; mild weeks undo it. A hardened plant survives nights that kill a soft one.",
  lethalTemperature:
    "The temperature at the plant that kills half of the plants in one night. It is lower for hardened plants.",
  acceptedRisk:
    "How often you accept a loss. At 1 year in 5, dates are set so that frost or cold comes too early in 1 year of 5.",
  tenHourDay:
    "When days are shorter than about ten hours, most crops almost stop growing. Crops that are nearly full size by then hold in the bed and are picked through winter.",
} satisfies Record<TermName, string>);
