import type { VentAdvice } from "@/core/frostNight";
import type { LocalWording } from "@/ui/wording";
import { shelters as say } from "@/words/en/shelters";

/** When to open and to shut today, in a sentence. */
export function ventWords(
  { openAtHour, shutAtHour, shutMaxC }: VentAdvice,
  wording: LocalWording,
): string {
  const max = wording.temperature(shutMaxC);
  if (openAtHour === null) {
    return say.keepItClosedTodayItReachesAtMost({ max });
  }
  if (shutAtHour === null) {
    return say.closedItWouldReachTodayOpenItByAnd({ max, hour: hourWords(openAtHour) });
  }
  return say.closedItWouldReachTodayOpenItAbout({
    max,
    hour: hourWords(openAtHour),
    hour2: hourWords(shutAtHour),
  });
}

/** An hour with quarters by the sun's clock: "10:15". */
export function hourWords(hour: number): string {
  const whole = Math.floor(hour);
  const minutes = Math.round((hour - whole) * 60);
  return `${whole}:${String(minutes).padStart(2, "0")}`;
}
