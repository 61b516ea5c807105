import { dayNumber, type DayNumber } from "../calendar";
import { varietyOf } from "../crops";
import { cropsOf, type Garden } from "../garden";
import type { Label } from "../seedlings";
import { standOf } from "./gardenPlan";
import { amountsFor } from "./spacing";

/** One label for each planting that is sown in a stretch of days, in the order of the days. */
export function plantingLabels(garden: Garden, fromDay: DayNumber, toDay: DayNumber): Label[] {
  const crops = cropsOf(garden);
  return [...garden.plantings.values()]
    .filter(({ sowOn }) => dayNumber(sowOn) >= fromDay && dayNumber(sowOn) <= toDay)
    .sort((a, b) => (a.sowOn < b.sowOn ? -1 : 1))
    .flatMap((planting) => {
      const crop = crops.get(planting.cropId);
      const bed = garden.beds.get(planting.bedId);
      if (!crop || !bed) return [];
      const amounts = amountsFor(standOf(planting, bed), crop, planting.method);
      return [
        {
          crop: crop.name,
          variety: varietyOf(crop, planting.varietyId)?.name ?? "",
          sownOn: planting.sowOn,
          count: amounts.plants,
          counted: "plants" as const,
          rowCm: amounts.rowCm,
          inRowCm: amounts.stationCm,
          where: bed.name,
          treated: false,
        },
      ];
    });
}
