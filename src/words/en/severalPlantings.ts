import { plural, table } from "../table";

const daysWords = (days: number) =>
  Math.abs(days) === 7 ? "a week" : `${Math.abs(days)} ${plural(Math.abs(days), "day", "days")}`;
const way = (days: number) => (days < 0 ? "earlier" : "later");

/** What is said where several plantings of the plan are chosen. */
export const severalPlantings = table({
  withThem: "With the selected plantings",
  tapToSelect: "Select plantings by tapping their rows",
  selected: ({ count }: { count: number }) => `${count} selected`,
  by: ({ days }: { days: number }) =>
    Math.abs(days) === 7 ? `A week ${way(days)}` : `A day ${way(days)}`,
  signed: ({ days }: { days: number }) =>
    `${days < 0 ? "−" : "+"}${Math.abs(days) === 7 ? "1 week" : "1 day"}`,
  remove: "Take out of the plan",
  stop: "Stop selecting",
  moved: ({ moved, stayed, days }: { moved: number; stayed: number; days: number }) =>
    `${moved} ${plural(moved, "sowing", "sowings")} moved ${daysWords(days)} ${way(days)}.` +
    (stayed === 0
      ? ""
      : ` ${stayed} ${plural(stayed, "is sown already and stays", "are sown already and stay")}.`),
  removed: ({ count }: { count: number }) =>
    `${count} ${plural(count, "planting", "plantings")} taken out of the plan.`,
});
