import { coverCropLibrary, mulches, type Feeding, type Rest } from "../soil";
import { cropLibrary, cropProblems, varietyOf, type Crop } from "../crops";
import { rowProblem } from "../containers";
import type { StoreLot } from "../food";
import { acrossProblem, fitsInto } from "../layout";
import type { LogEntry, ThermometerDay } from "../log";
import type { SeedLot } from "../seedBox";
import type { Tray } from "../trays";
import { materials, type Piece } from "../shelter";
import {
  COLLECTED_KINDS,
  COLLECTIONS,
  cropsByTheBook,
  cropsOf,
  type Bed,
  type Garden,
  type OwnCrop,
  type OwnVariety,
  type Place,
  type Planting,
  type Shelter,
} from "../garden";
import { fromGardenFile } from "./asFile";
import type { GardenFile } from "./fileSchema";
import type { Problem } from "./problems";
import { repeatedIds, seasonProblems, seedPlanProblems } from "./keptProblems";
import { fact } from "../facts";

/** References of a file that lead nowhere, and ids used twice. */
export function referenceProblems(file: GardenFile): Problem[] {
  const shelterIds = new Set(file.shelters.map((shelter) => shelter.id));
  const garden = fromGardenFile(file);
  const crops = cropsOf(garden);
  return [
    ...(file.place ? placeProblems("place", file.place, file.record !== null) : []),
    ...COLLECTED_KINDS.flatMap((kind) => repeatedIds(COLLECTIONS[kind], file[COLLECTIONS[kind]])),
    ...file.ownCrops.flatMap((own, index) => ownCropProblems(`ownCrops[${index}]`, own)),
    ...file.ownVarieties.flatMap((own, index) =>
      ownVarietyProblems(`ownVarieties[${index}]`, own, crops),
    ),
    ...file.shelters.flatMap((shelter, index) => coverProblems(`shelters[${index}]`, shelter)),
    ...file.beds.flatMap((bed, index) => bedProblems(`beds[${index}]`, bed, shelterIds)),
    ...file.plantings.flatMap((planting, index) => [
      ...plantingProblems(`plantings[${index}]`, planting, crops),
      ...(planting.successionId === null || garden.successions.has(planting.successionId)
        ? []
        : [missing(`plantings[${index}].successionId`, "succession", planting.successionId)]),
      ...(garden.beds.has(planting.bedId)
        ? []
        : [
            {
              path: `plantings[${index}].bedId`,
              message: fact("gardenFile.thereIsNoBedInThisGarden", { bedId: planting.bedId }),
            },
          ]),
    ]),
    ...file.rests.flatMap((rest, index) => restProblems(`rests[${index}]`, rest, garden)),
    ...file.feedings.flatMap((feeding, index) =>
      feedingProblems(`feedings[${index}]`, feeding, garden),
    ),
    ...file.seedLots.flatMap((lot, index) => lotProblems(`seedLots[${index}]`, lot, crops)),
    ...file.pieces.flatMap((piece, index) => pieceProblems(`pieces[${index}]`, piece, garden)),
    ...file.thermometerDays.flatMap((day, index) =>
      thermometerProblems(`thermometerDays[${index}]`, day, garden),
    ),
    ...file.storeLots.flatMap((lot, index) => storeLotProblems(`storeLots[${index}]`, lot, garden)),
    ...file.logEntries.flatMap((entry, index) =>
      logProblems(`logEntries[${index}]`, entry, garden),
    ),
    ...seasonProblems(file.keptSeasons),
    ...seedPlanProblems(file.seedPlans, garden),
    ...file.garden.walk.flatMap((id, index) =>
      garden.beds.has(id) ? [] : [missing(`garden.walk[${index}]`, "bed", id)],
    ),
    ...file.trays.flatMap((tray, index) => trayProblems(`trays[${index}]`, tray, garden)),
  ];
}

/** What a garden file can lead to. */
type Missing =
  | "bed"
  | "coverCrop"
  | "crop"
  | "mulch"
  | "planting"
  | "seedLot"
  | "shelter"
  | "stand"
  | "storeLot"
  | "succession";

function missing(path: string, what: Missing, id: string): Problem {
  return { path, message: fact("gardenFile.thereIsNoInThisGarden", { what, id }) };
}

/** What is wrong with a crop of the grower's own. */
function ownCropProblems(path: string, own: OwnCrop): Problem[] {
  if (cropLibrary.has(own.id)) {
    return [
      { path: `${path}.id`, message: fact("gardenFile.theLibraryHasACropAlready", { id: own.id }) },
    ];
  }
  return cropProblems(own.crop).map((problem) => ({
    ...problem,
    path: `${path}.crop.${problem.path}`,
  }));
}

function ownVarietyProblems(
  path: string,
  own: OwnVariety,
  crops: ReadonlyMap<string, Crop>,
): Problem[] {
  const crop = crops.get(own.cropId);
  if (!crop) return [missing(`${path}.cropId`, "crop", own.cropId)];
  return crop.varieties.filter(({ id }) => id === own.id).length > 1
    ? [
        {
          path: `${path}.id`,
          message: fact("gardenFile.hasAVarietyAlready", { crop: crop.name, id: own.id }),
        },
      ]
    : [];
}

function lotProblems(path: string, lot: SeedLot, crops: ReadonlyMap<string, Crop>): Problem[] {
  return cropAndVarietyProblems(path, lot, crops);
}

/** What is wrong with what a tray holds and where it stands. */
export function trayProblems(
  path: string,
  tray: Tray,
  garden: Pick<Garden, "stands" | "seedLots" | "plantings" | "ownCrops" | "ownVarieties">,
): Problem[] {
  const crops = cropsByTheBook(garden);
  return [
    ...tray.stays.flatMap(({ standId }, index) =>
      standId === null || garden.stands.has(standId)
        ? []
        : [missing(`${path}.stays[${index}].standId`, "stand", standId)],
    ),
    ...tray.sowings.flatMap((sowing, index) => {
      const at = `${path}.sowings[${index}]`;
      const { lotId, plantingId } = sowing;
      return [
        ...cropAndVarietyProblems(at, sowing, crops),
        ...(lotId === null || garden.seedLots.has(lotId)
          ? []
          : [missing(`${at}.lotId`, "seedLot", lotId)]),
        ...(plantingId === null || garden.plantings.has(plantingId)
          ? []
          : [missing(`${at}.plantingId`, "planting", plantingId)]),
      ];
    }),
  ];
}

/** Whether a crop and its variety are known. */
export function cropAndVarietyProblems(
  path: string,
  one: { cropId: string; varietyId: string },
  crops: ReadonlyMap<string, Crop>,
): Problem[] {
  const crop = crops.get(one.cropId);
  if (!crop) {
    return [
      {
        path: `${path}.cropId`,
        message: fact("gardenFile.thereIsNoCropInTheLibrary", { cropId: one.cropId }),
      },
    ];
  }
  return varietyOf(crop, one.varietyId)
    ? []
    : [
        {
          path: `${path}.varietyId`,
          message: fact("gardenFile.hasNoVariety", { crop: crop.name, varietyId: one.varietyId }),
        },
      ];
}

/** What is wrong with a planting's crop, variety or way of growing. */
export function plantingProblems(
  path: string,
  planting: Planting,
  crops: ReadonlyMap<string, Crop>,
): Problem[] {
  const problems = cropAndVarietyProblems(path, planting, crops);
  const crop = crops.get(planting.cropId);
  if (!crop) return problems;
  if ((planting.arrangement === "pots") !== (planting.potCm !== null)) {
    problems.push({
      path: `${path}.potCm`,
      message: fact("gardenFile.giveThePotsDiameterWhereItGrowsIn"),
    });
  }
  if (planting.method === "transplant" && crop.transplanting.tolerance === "never") {
    problems.push({
      path: `${path}.method`,
      message: fact("gardenFile.doesNotTransplantWellSowItDirect", { crop: crop.name }),
    });
  }
  if (planting.bought && planting.method !== "transplant") {
    problems.push({
      path: `${path}.bought`,
      message: fact("gardenFile.boughtPlantsAreTransplanted"),
    });
  }
  for (const [index, part] of (planting.mix?.parts ?? []).entries()) {
    problems.push(...cropAndVarietyProblems(`${path}.mix.parts[${index}]`, part, crops));
  }
  if (planting.stage === "baby" && crop.babyLeaf === undefined) {
    problems.push({
      path: `${path}.stage`,
      message: fact("gardenFile.isNotGrownForBabyLeaf", { crop: crop.name }),
    });
  }
  return problems;
}

/** What is wrong with where a rest lies, or what it lies under. */
export function restProblems(path: string, rest: Rest, garden: Pick<Garden, "beds">): Problem[] {
  const problems: Problem[] = [];
  const bed = garden.beds.get(rest.bedId);
  if (!bed) problems.push(missing(`${path}.bedId`, "bed", rest.bedId));
  else if (!fitsInto(rest.fromM + rest.lengthM, bed.lengthM)) {
    problems.push({
      path: `${path}.lengthM`,
      message: fact("gardenFile.endsBeforeThisRestDoesTakeAtMostM", {
        bed: bed.name,
        lengthM: bed.lengthM,
      }),
    });
  }
  if (rest.untilOn <= rest.fromOn) {
    problems.push({ path: `${path}.untilOn`, message: fact("gardenFile.aRestEndsAfterItBegins") });
  }
  const { under } = rest;
  if (under.kind === "coverCrop" && !coverCropLibrary.has(under.coverCropId)) {
    problems.push(missing(`${path}.under.coverCropId`, "coverCrop", under.coverCropId));
  }
  if (under.kind === "mulch" && !mulches.has(under.mulchId)) {
    problems.push(missing(`${path}.under.mulchId`, "mulch", under.mulchId));
  }
  return problems;
}

/** What is wrong with the bed of a feeding, or the part of it. */
export function feedingProblems(
  path: string,
  feeding: Feeding,
  garden: Pick<Garden, "beds">,
): Problem[] {
  const bed = garden.beds.get(feeding.bedId);
  if (!bed) return [missing(`${path}.bedId`, "bed", feeding.bedId)];
  const { part } = feeding;
  if (part === null) return [];
  const { name, lengthM, widthM } = bed;
  const problem = acrossProblem(part, widthM);
  if (problem !== null) {
    const message = fact("layout.acrossProblem", { problem, bed: name, widthM });
    return [{ path: `${path}.part.across`, message }];
  }
  if (fitsInto(part.fromM + part.lengthM, lengthM)) return [];
  const message = fact("gardenFile.endsBeforeThisFeedingDoes", { bed: name, lengthM });
  return [{ path: `${path}.part.lengthM`, message }];
}

/** What is wrong with a piece's material, or with the bed it lies on. */
export function pieceProblems(path: string, piece: Piece, garden: Pick<Garden, "beds">): Problem[] {
  if (piece.kind !== "cover") return [];
  const problems: Problem[] = [];
  if (!materials.has(piece.materialId)) {
    problems.push({
      path: `${path}.materialId`,
      message: fact("gardenFile.thereIsNoCoveringUseOneOf", {
        materialId: piece.materialId,
        value: [...materials.keys()],
      }),
    });
  }
  if (piece.bedId !== null && !garden.beds.has(piece.bedId)) {
    problems.push(missing(`${path}.bedId`, "bed", piece.bedId));
  }
  return problems;
}

/** What is wrong with where a thermometer hangs. */
export function thermometerProblems(
  path: string,
  { under }: ThermometerDay,
  garden: Pick<Garden, "beds" | "shelters">,
): Problem[] {
  const there = under.kind === "bed" ? garden.beds : garden.shelters;
  return there.has(under.id) ? [] : [missing(`${path}.under.id`, under.kind, under.id)];
}

/** What of something in store leads nowhere. */
export function storeLotProblems(path: string, lot: StoreLot, garden: Garden): Problem[] {
  const { cropId, plantingId } = lot;
  const problems: Problem[] = cropsOf(garden).has(cropId)
    ? []
    : [missing(`${path}.cropId`, "crop", cropId)];
  if (plantingId !== null && !garden.plantings.has(plantingId)) {
    problems.push(missing(`${path}.plantingId`, "planting", plantingId));
  }
  return problems;
}

/** What of an entry of the log leads nowhere. */
export function logProblems(
  path: string,
  { what }: LogEntry,
  garden: Pick<Garden, "beds" | "shelters" | "plantings" | "seedLots" | "storeLots">,
): Problem[] {
  const problems: Problem[] = [];
  const at = (field: string) => `${path}.what.${field}`;
  if ("plantingId" in what && what.plantingId !== null && !garden.plantings.has(what.plantingId)) {
    problems.push(missing(at("plantingId"), "planting", what.plantingId));
  }
  if ("bedId" in what && what.bedId !== null && !garden.beds.has(what.bedId)) {
    problems.push(missing(at("bedId"), "bed", what.bedId));
  }
  if (what.kind === "sown" && what.lotId !== null && !garden.seedLots.has(what.lotId)) {
    problems.push(missing(at("lotId"), "seedLot", what.lotId));
  }
  if (what.kind === "taken" && !garden.storeLots.has(what.storeLotId)) {
    problems.push(missing(at("storeLotId"), "storeLot", what.storeLotId));
  }
  if (what.kind === "temperature" && what.under !== null) {
    const { under } = what;
    const there = under.kind === "bed" ? garden.beds : garden.shelters;
    if (!there.has(under.id)) problems.push(missing(at("under.id"), under.kind, under.id));
  }
  return problems;
}

/** What is wrong with where a place takes its climate from. */
export function placeProblems(path: string, place: Place, hasRecord: boolean): Problem[] {
  if (place.climateFrom === "sketch" || hasRecord) return [];
  return [
    {
      path: `${path}.climateFrom`,
      message: fact("gardenFile.thisGardenHasNoDailyWeatherRecord"),
    },
  ];
}

/** What is wrong with a bed's shelter or covers. */
export function bedProblems(path: string, bed: Bed, shelterIds: ReadonlySet<string>): Problem[] {
  const problems = coverProblems(path, bed);
  const { container, name } = bed;
  const problem = container && rowProblem({ ...bed, container });
  if (problem) {
    const message = fact("containers.rowProblem", { problem, name, eachM: container.eachM });
    problems.push({ path: `${path}.lengthM`, message });
  }
  for (const [index, { at }] of (container?.stays ?? []).entries()) {
    if (at.kind !== "shelter" || shelterIds.has(at.shelterId)) continue;
    problems.push({
      path: `${path}.container.stays[${index}].at.shelterId`,
      message: fact("gardenFile.thereIsNoShelterInThisGarden", { shelterId: at.shelterId }),
    });
  }
  if (bed.shelterId !== null && !shelterIds.has(bed.shelterId)) {
    problems.push({
      path: `${path}.shelterId`,
      message: fact("gardenFile.thereIsNoShelterInThisGarden", { shelterId: bed.shelterId }),
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
            message: fact("gardenFile.thereIsNoCoveringUseOneOf2", {
              id,
              value: [...materials.keys()],
            }),
          },
        ],
  );
}
