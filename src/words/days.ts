import { plural } from "./table";

/** How much later a day is than another: "20 days later", "3 days sooner", "on the same day". */
export function laterWords(days: number): string {
  if (days === 0) return "on the same day";
  return `${daysWords(Math.abs(days))} ${days > 0 ? "later" : "sooner"}`;
}

/** A number of days in words: "1 day", "12 days". */
export function daysWords(days: number): string {
  const whole = Math.round(days);
  return `${whole} ${plural(Math.abs(whole), "day", "days")}`;
}
