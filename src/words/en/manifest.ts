import { table } from "../table";

/** How the program is called among those of a phone. */
export const manifest = table({
  name: "Late Ember",
  description: "Plan fall and winter crops back from frost and shortening days.",
  today: "Today",
  log: "Log something",
});
