import { usualNeed } from "@/core/food";
import { siteFor } from "@/core/plantings";
import { eatInOrder, needByWeek, sourcesIn, supplyOver, USUAL_YEAR } from "@/core/supply";
import { DAY, largeGarden, PLANTINGS } from "./largeGarden";
import { medianMs, report } from "./timing";

const WEEKS = 52;

/** The larder of four hundred plantings for a year: the usual year, and all nine kinds of years. */
export function benchSupply(): void {
  const garden = largeGarden();
  const site = siteFor(garden);
  if (!site) throw new Error("a place");
  const need = usualNeed(40, "usual");
  const weeks = { firstDay: DAY, count: WEEKS, today: DAY };
  const wanted = needByWeek(need, site.latitudeDeg, weeks);
  const usual = medianMs(() => {
    eatInOrder(sourcesIn(site, garden, weeks, USUAL_YEAR), wanted);
  });
  report(`${PLANTINGS} plantings eaten over ${WEEKS} weeks, the usual year`, usual, 50, "ms");
  const nine = medianMs(() => void supplyOver(site, garden, need, weeks), 9);
  report(`the same in nine kinds of years, with the gaps`, nine, 500, "ms");
}
