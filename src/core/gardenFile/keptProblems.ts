import { fact } from "../facts";
import type { Garden, KeptSeason, SeedPlan } from "../garden";
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

/** Plants left for seed of a planting that is not there. */
export function seedPlanProblems(
  plans: readonly SeedPlan[],
  { plantings }: Pick<Garden, "plantings">,
): Problem[] {
  return plans.flatMap(({ plantingId: id }, index) =>
    plantings.has(id)
      ? []
      : [
          {
            path: `seedPlans[${index}].plantingId`,
            message: fact("gardenFile.thereIsNoInThisGarden", { what: "planting", id }),
          },
        ],
  );
}

/** Ids that two of a list have. */
export function repeatedIds(path: string, entities: readonly { id: string }[]): Problem[] {
  const seen = new Set<string>();
  return entities.flatMap(({ id }, index) => {
    if (!seen.has(id)) {
      seen.add(id);
      return [];
    }
    return [{ path: `${path}[${index}].id`, message: fact("gardenFile.theIdIsUsedTwice", { id }) }];
  });
}
