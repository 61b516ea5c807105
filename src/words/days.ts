import { plural, table } from "./table";

const say = table({
  onTheSameDay: "on the same day",
  later: ({ days }: { days: number }) => `${counted(days)} later`,
  sooner: ({ days }: { days: number }) => `${counted(days)} sooner`,
  days: ({ days }: { days: number }) => counted(days),
});

function counted(days: number): string {
  return `${days} ${plural(days, "day", "days")}`;
}

/** How much later a day is than another: "20 days later", "3 days sooner", "on the same day". */
export function laterWords(days: number): string {
  if (days === 0) return say.onTheSameDay;
  return days > 0 ? say.later({ days }) : say.sooner({ days: -days });
}

/** A number of days in words: "1 day", "12 days". */
export function daysWords(days: number): string {
  return say.days({ days: Math.round(days) });
}
