import type { DayNumber } from "@/core/calendar";
import { simulatedOutlook } from "@/core/climate";
import { readQuestion, type Answer } from "./question";

/** The simulated station's outlook for seven days from the day asked about. */
export function answerOutlook(query: URLSearchParams, today: DayNumber): Answer {
  const asked = readQuestion(query, today);
  if ("refused" in asked) return asked.refused;
  return { status: 200, body: simulatedOutlook(asked.climate, asked.day) };
}
