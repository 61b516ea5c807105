import { cropLibrary, varietyOf } from "../crops";
import { materials } from "../shelter";
import type { Problem } from "./problems";
import type { Bed, GardenFile, Place, Planting, Shelter } from "./schema";

/** References of a file that lead nowhere, and ids used twice. */
export function referenceProblems(file: GardenFile): Problem[] {
  const shelterIds = new Set(file.shelters.map((shelter) => shelter.id));
  const bedIds = new Set(file.beds.map((bed) => bed.id));
  return [
    ...(file.place ? placeProblems("place", file.place, file.record !== null) : []),
    ...repeatedIds("shelters", file.shelters),
    ...repeatedIds("beds", file.beds),
    ...repeatedIds("plantings", file.plantings),
    ...file.shelters.flatMap((shelter, index) => coverProblems(`shelters[${index}]`, shelter)),
    ...file.beds.flatMap((bed, index) => bedProblems(`beds[${index}]`, bed, shelterIds)),
    ...file.plantings.flatMap((planting, index) => [
      ...plantingProblems(`plantings[${index}]`, planting),
      ...(bedIds.has(planting.bedId)
        ? []
        : [
            {
              path: `plantings[${index}].bedId`,
              message: `There is no bed "${planting.bedId}" in this garden.`,
            },
          ]),
    ]),
  ];
}

/** What is wrong with a planting's crop, variety or way of growing. */
export function plantingProblems(path: string, planting: Planting): Problem[] {
  const crop = cropLibrary.get(planting.cropId);
  if (!crop) {
    return [
      { path: `${path}.cropId`, message: `There is no crop "${planting.cropId}" in the library.` },
    ];
  }
  const problems: Problem[] = [];
  if (!varietyOf(crop, planting.varietyId)) {
    problems.push({
      path: `${path}.varietyId`,
      message: `${crop.name} has no variety "${planting.varietyId}".`,
    });
  }
  if (planting.method === "transplant" && crop.transplanting.tolerance === "never") {
    problems.push({
      path: `${path}.method`,
      message: `${crop.name} does not stand being transplanted: sow it direct.`,
    });
  }
  if (planting.stage === "baby" && crop.babyLeaf === undefined) {
    problems.push({ path: `${path}.stage`, message: `${crop.name} is not cut as young leaves.` });
  }
  return problems;
}

/** What is wrong with where a place takes its climate from. */
export function placeProblems(path: string, place: Place, hasRecord: boolean): Problem[] {
  if (place.climateFrom === "sketch" || hasRecord) return [];
  return [
    {
      path: `${path}.climateFrom`,
      message: "There is no daily record in this garden to go by: read one in first.",
    },
  ];
}

/** What is wrong with a bed's shelter or covers. */
export function bedProblems(path: string, bed: Bed, shelterIds: ReadonlySet<string>): Problem[] {
  const problems = coverProblems(path, bed);
  if (bed.shelterId !== null && !shelterIds.has(bed.shelterId)) {
    problems.push({
      path: `${path}.shelterId`,
      message: `There is no shelter "${bed.shelterId}" in this garden.`,
    });
  }
  return problems;
}

export function coverProblems(path: string, covered: Bed | Shelter): Problem[] {
  return covered.covers.flatMap((id, index) =>
    materials.has(id)
      ? []
      : [
          {
            path: `${path}.covers[${index}]`,
            message: `There is no covering "${id}": use one of ${[...materials.keys()].join(", ")}.`,
          },
        ],
  );
}

function repeatedIds(path: string, entities: readonly { id: string }[]): Problem[] {
  const seen = new Set<string>();
  return entities.flatMap(({ id }, index) => {
    if (!seen.has(id)) {
      seen.add(id);
      return [];
    }
    return [{ path: `${path}[${index}].id`, message: `The id "${id}" is used twice.` }];
  });
}
