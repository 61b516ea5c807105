import type { DayNumber } from "../calendar";
import type { Garden } from "../garden";
import type { Site } from "../growth";
import { learn } from "../learn";
import { closedSeason, seasonToClose } from "./closing";
import { comparedIn, comparedNow } from "./comparison";
import { reviewOf } from "./review";
import { suggestionsFrom } from "./suggestions";

/** What would be closed on a day: its year, what it came to, and how much goes on. */
export function closingOn(site: Site, garden: Garden, day: DayNumber) {
  const compared = comparedNow(site, garden, day);
  const over = seasonToClose(site, garden, day);
  if (!over) return { compared, closing: null };
  const { kept } = closedSeason(site, garden, over, day);
  const goesOn = garden.plantings.size - kept.plantings.length;
  const closing = { year: kept.year, review: reviewOf(site, kept, garden), goesOn };
  return { compared, closing };
}

/** A closed season: what it came to, each planting against its plan, and what it suggests. */
export function seasonOnAPage(site: Site, garden: Garden, seasonId: string) {
  const kept = garden.keptSeasons.get(seasonId);
  if (!kept) return null;
  const review = reviewOf(site, kept, garden);
  const numbers = learn(site, garden);
  return {
    review,
    compared: comparedIn(kept),
    suggestions: suggestionsFrom(site, garden, kept, review, numbers),
    numbers,
  };
}
