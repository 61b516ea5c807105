import { table } from "../table";

/** What calendars and tables for other programs say. */
export const files = table({
  sow: ({ subject }: { subject: string }) => `Sow ${subject}`,
  harden: ({ subject }: { subject: string }) => `Start hardening off ${subject}`,
  plantOut: ({ subject }: { subject: string }) => `Transplant ${subject}`,
  ready: ({ subject }: { subject: string }) => `Ready: ${subject}`,
  ifLeft: ({ consequence }: { consequence: string }) => `If left: ${consequence}`,
  temperature: "Temperature",
});
