import { dayNumber } from "@/core/calendar";
import type { Garden } from "@/core/garden";
import {
  daysFromSeries,
  type DayOfPair,
  type Point,
  type Readings,
  type ThermometerDay,
} from "@/core/log";
import { thermometerDaysOf } from "@/core/plantings";
import type { CoveredBeds } from "../stacks";
import { shelters as say } from "@/words/en/shelters";
import type { Fact } from "@/core/facts";
import { told } from "@/ui/wording";
import "@/words/en/facts/log";
import "@/words/en/facts/weatherFiles";

/** Where the thermometer of a group of beds hangs: in its shelter, or under the first bed's own cover. */
export function hangsUnder({ shelter, beds }: CoveredBeds): ThermometerDay["under"] {
  const [bed] = beds;
  return shelter && (bed?.covers.length ?? 0) === 0
    ? { kind: "shelter", id: shelter.id }
    : { kind: "bed", id: bed?.id ?? "" };
}

/** Days read somewhere, as the garden keeps them; one of the same day is replaced. */
export function keptDays(
  days: readonly DayOfPair[],
  under: ThermometerDay["under"],
  source: ThermometerDay["source"],
): ThermometerDay[] {
  return days.map((day) => ({ ...day, id: `read-${under.id}-${day.on}`, under, source }));
}

/** Days out of what a station's loggers reported over several days. */
export function daysFromStation(answers: readonly Readings[], sensor: string) {
  const points = (wanted: string): Point[] =>
    answers.flatMap(({ readings }) =>
      readings
        .filter((one) => one.sensor === wanted)
        .map(({ at, tempC }) => ({ atMin: minuteOf(at), tempC })),
    );
  return daysFromSeries(points(sensor), points("outside"));
}

function minuteOf(at: string): number {
  const [hours = 0, minutes = 0] = at.slice(11).split(":").map(Number);
  return dayNumber(at.slice(0, 10)) * 24 * 60 + hours * 60 + minutes;
}

/** What was taken of an import and what was left, in a sentence or two. */
export function takenWords({
  days,
  left,
  notes,
}: {
  days: readonly unknown[];
  left: readonly { reason: Fact; count: number }[];
  notes: readonly Fact[];
}): string {
  const nights = (count: number) => say.nights({ count });
  return [
    say.added3({ nights: nights(days.length) }),
    ...left.map(({ reason, count }) =>
      say.leftOut({ nights: nights(count), reason: told(reason) }),
    ),
    ...notes.map(told),
  ].join(" ");
}

/** The days of one thermometer, the latest first. */
export function latestDays(garden: Garden, under: ThermometerDay["under"]): ThermometerDay[] {
  return [...thermometerDaysOf(garden, under)].sort((a, b) => (a.on < b.on ? 1 : -1));
}
