import { fact } from "../facts";
import type { KeptSeason } from "../garden";
import type { Problem } from "./problems";

/** Seasons of which a year has two. */
export function seasonProblems(seasons: readonly KeptSeason[]): Problem[] {
  return seasons.flatMap(({ year }, index) =>
    seasons.findIndex((other) => other.year === year) === index
      ? []
      : [
          {
            path: `keptSeasons[${index}].year`,
            message: fact("gardenFile.thatSeasonIsClosedAlready", { year }),
          },
        ],
  );
}
