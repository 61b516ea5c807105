import { fact, type Fact } from "../../facts";
import type { PlantingState } from "../../plantings";
import { sowingAdvice } from "../../schedule";
import type { Round } from "../task";

/** Until when what did not come up of a planting can be sown once more, in words. */
export function resowingWords({ site, garden }: Round, life: PlantingState): Fact {
  const { timeline, growing } = life;
  const { resow } = sowingAdvice(site, garden.settings, growing, timeline);
  return resow.kind === "tooLate"
    ? fact("tasks.itIsTooLateToResowGaps")
    : resow.kind === "by"
      ? fact("tasks.gapsCanBeResownUntil", { day: resow.day, sowDay: timeline.sowDay })
      : GAPS_CAN_BE_RESOWN;
}

export const GAPS_CAN_BE_RESOWN = fact("tasks.gapsCanBeResownEachDayOfWaiting");
