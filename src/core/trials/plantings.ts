import { bedsInOrder, cropsOf, type Garden, type Planting, type Trial } from "../garden";
import { exactM } from "../layout";
import { BY_THE_BOOK } from "../gardenFile";
import type { IsoDate } from "../calendar";

const CM_PER_M = 100;

/** What of a treatment makes a planting another one: then each plot is planted for itself. */
function isPlantedApart({ treatments }: Pick<Trial, "treatments">): boolean {
  return treatments.some(
    ({ varietyId, sowOn, spacingFactor }) =>
      varietyId !== null || sowOn !== null || spacingFactor !== null,
  );
}

/**
 * The plantings of a trial: rows side by side that run through all strips of a bed; where treatments are
 * varieties, dates or spacings, each plot's rows for themselves.
 *
 * @param sowOn for what has no day of its own
 * @param idOf  an id for each
 */
export function trialPlantings(
  garden: Garden,
  trial: Trial,
  sowOn: IsoDate,
  idOf: () => string,
): Planting[] {
  const crops = cropsOf(garden);
  const apart = isPlantedApart(trial);
  return bedsInOrder(garden).flatMap((bed) => {
    const plots = trial.plots.filter(({ bedId }) => bedId === bed.id);
    if (plots.length === 0) return [];
    const untilM = Math.max(...plots.map(({ fromM, lengthM }) => fromM + lengthM));
    const fromM = Math.min(...plots.map((plot) => plot.fromM));
    const stretches = apart
      ? plots.map((plot) => ({
          fromM: plot.fromM,
          lengthM: plot.lengthM,
          treatment: trial.treatments.find(({ id }) => id === plot.treatmentId),
        }))
      : [{ fromM, lengthM: exactM(untilM - fromM), treatment: undefined }];
    const rowM = bed.widthM / trial.rows.length;
    return stretches.flatMap(({ treatment, ...stretch }) =>
      trial.rows.flatMap((row, at): Planting[] => {
        const crop = crops.get(row.cropId);
        if (!crop) return [];
        const own = crop.varieties.some(({ id }) => id === treatment?.varietyId);
        return [
          {
            ...BY_THE_BOOK,
            id: idOf(),
            cropId: crop.id,
            varietyId: own ? (treatment?.varietyId ?? "") : (crop.varieties[0]?.id ?? ""),
            bedId: bed.id,
            sowOn: treatment?.sowOn ?? sowOn,
            method: crop.transplanting.tolerance === "usual" ? "transplant" : "direct",
            stage: "full",
            // A row of its own is no wider than what it gets.
            rowCm: Math.min(crop.spacing.rowCm, rowM * CM_PER_M),
            inRowCm: crop.spacing.inRowCm,
            ...stretch,
            across:
              trial.rows.length === 1
                ? { kind: "whole" }
                : { kind: "strip", fromM: exactM(at * rowM), widthM: exactM(rowM) },
            spacingFactor: treatment?.spacingFactor ?? 1,
          },
        ];
      }),
    );
  });
}
