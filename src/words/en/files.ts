import { plural, table } from "../table";

/** What calendars and tables for other programs say. */
export const files = table({
  sow: ({ subject }: { subject: string }) => `Sow ${subject}`,
  harden: ({ subject }: { subject: string }) => `Harden off ${subject}`,
  plantOut: ({ subject }: { subject: string }) => `Transplant ${subject}`,
  ready: ({ subject }: { subject: string }) => `Ready: ${subject}`,
  strays: ({ early, late }: { early: string; late: string }) =>
    `First picking, usual date. 1 year in 5 before ${early}, 1 in 5 after ${late}.`,
  fullSize: ({ date }: { date: string }) => `Full-grown about ${date}.`,
  ifLeft: ({ consequence }: { consequence: string }) => `If left: ${consequence}`,
  round: ({ count }: { count: number }) =>
    `Garden round: ${count} ${plural(count, "task", "tasks")}`,
  sowing: "Sowing",
  planting: "Planting",
  harvest: "Harvest",
  night: "For the night",
  work: "Work",
  rounds: "Round",
  temperature: "Temperature",
});
