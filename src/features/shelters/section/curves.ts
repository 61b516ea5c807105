import type { ShelterDays } from "@/core/frostNight";
import { materials } from "@/core/shelter";
import type { LocalWording } from "@/ui/wording";
import { shelters as say } from "@/words/en/shelters";

/** One line of the chart. */
export interface Curve {
  name: string;
  values: Float64Array;
  look: { stroke: string; strokeWidth: number; strokeDasharray?: string };
}

const SPACE_DASHES = ["6 3", "2 3", "8 3 2 3", "1 3"];

/** The lines of a stack: outside, the spaces from the outside in, the crop, the soil. */
export function curvesOf({ covers, weather, run }: ShelterDays, wording: LocalWording): Curve[] {
  const outside: Curve = {
    name: say.outside,
    values: weather.airC,
    look: { stroke: "var(--frost-text)", strokeWidth: 1.6 },
  };
  const soil: Curve = {
    name: say.soilAt5Cm2({ depth: wording.distanceCm(5) }),
    values: run.soil5cmC,
    look: { stroke: "var(--ash-text)", strokeWidth: 1.6, strokeDasharray: "1 4" },
  };
  const between = run.spacesC.slice(0, -1).map((values, index): Curve => ({
    name: say.inThe({ shortName: materials.get(covers[index] ?? "")?.shortName ?? "cover" }),
    values,
    look: { stroke: "var(--moss-text)", strokeWidth: 1.6, strokeDasharray: SPACE_DASHES[index] },
  }));
  if (covers.length === 0) return [outside, soil];
  const crop: Curve = {
    name: say.atTheCrop,
    values: run.cropC,
    look: { stroke: "var(--ember-text)", strokeWidth: 2.6 },
  };
  return [outside, ...between, crop, soil];
}

const LINE_PX = 15;

/** Places for labels beside the ends of lines, far enough apart to be read. */
export function labelPlaces(wanted: readonly number[]): number[] {
  const order = wanted.map((y, index) => ({ y, index })).sort((a, b) => a.y - b.y);
  const places = new Array<number>(wanted.length).fill(0);
  let least = -Infinity;
  for (const { y, index } of order) {
    const place = Math.max(y, least);
    places[index] = place;
    least = place + LINE_PX;
  }
  return places;
}

/** What a quarter hour is like, in words. */
export function stepWords(days: ShelterDays, step: number, wording: LocalWording): string {
  const told = curvesOf(days, wording).map(
    ({ name, values }) => `${name} ${wording.temperature(values[step] ?? 0, 1)}`,
  );
  return `${timeWords(days, step, wording)}: ${told.join(", ")}`;
}

/** "Thu 24 Sept, 6:15" */
export function timeWords(days: ShelterDays, step: number, wording: LocalWording): string {
  const day = days.weather.firstDay + Math.floor(step / 96);
  const quarter = step % 96;
  const minutes = String((quarter % 4) * 15).padStart(2, "0");
  return `${wording.narrowDate(day)}, ${Math.floor(quarter / 4)}:${minutes}`;
}
