import type { SupplyFacts } from "@/core/facts";
import { placeWords } from "../../storePlaces";
import { learn } from "../../sentences";

export const supply = learn<SupplyFacts>({
  "supply.noRoomForSquares": ({ bed, lengthM }, say) =>
    `${bed} has no ${say.lengthM(lengthM)} free for all that time: take fewer or smaller squares, fewer weeks, or another place.`,
  "supply.notCutBeforeTheRound": ({ sowDay, cutDay, squares }, say) =>
    `Sown ${say.date(sowDay)}, it is ${cutDay === null ? "not cut at all" : `first cut about ${say.date(cutDay, sowDay)}`}: too late for a round of ${squares} weeks. Take more squares, or a warmer and lighter place.`,
  "supply.keepsAbout": ({ place, untilDay }, say) =>
    `${placeWords(place)} until about ${say.date(untilDay)}`,
  "supply.pulledThen": ({ untilDay }, say) => `until it is pulled on ${say.date(untilDay)}`,
  "supply.liftAndStore": ({ untilDay }, say) =>
    `in the ground until about ${say.date(untilDay)}, then from the store`,
  "supply.beforeTheFreeze": ({ untilDay }, say) => `before the freeze about ${say.date(untilDay)}`,
  "supply.boltsFrom": ({ untilDay }, say) => `bolts from about ${say.date(untilDay)}`,
  "supply.tooHotFrom": ({ untilDay }, say) => `too hot for it from about ${say.date(untilDay)}`,
  "supply.thenPoor": ({ untilDay }, say) => `good until about ${say.date(untilDay)}`,
});
