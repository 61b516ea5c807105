import type { VentAdvice } from "@/core/frostNight";
import type { LocalWording } from "@/ui/wording";

/** When to open and to shut today, in a sentence. */
export function ventWords(
  { openAtHour, shutAtHour, shutMaxC }: VentAdvice,
  wording: LocalWording,
): string {
  const max = wording.temperature(shutMaxC);
  if (openAtHour === null) {
    return `Today it stays shut: it comes to ${max} at most, and the warmth is wanted for the night.`;
  }
  if (shutAtHour === null) {
    return `Shut it would come to ${max} today: open it by ${hourWords(openAtHour)}, and leave it open over the mild night.`;
  }
  return `Shut it would come to ${max} today: open it about ${hourWords(openAtHour)}, and shut it about ${hourWords(shutAtHour)} to keep the warmth in.`;
}

/** An hour with quarters by the sun's clock: "10:15". */
export function hourWords(hour: number): string {
  const whole = Math.floor(hour);
  const minutes = Math.round((hour - whole) * 60);
  return `${whole}:${String(minutes).padStart(2, "0")}`;
}
