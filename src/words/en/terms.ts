import { table } from "../table";

/** Terms that growers meet here first. */
export const termNames = table({
  packetDay: "A day's growth (packet days)",
  cliff: "The cliff",
  strand: "Strand",
  hardened: "Hardened",
  lethalTemperature: "LT50",
  acceptedRisk: "Accepted risk",
  tenHourDay: "Ten-hour day",
});

/** The terms that have a meaning beside their name. */
export type TermName = keyof typeof termNames;
