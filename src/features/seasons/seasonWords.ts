import type { KeptSeason } from "@/core/garden";
import type { Garden } from "@/core/garden";
import type { Suggestion } from "@/core/seasons";
import type { LocalWording } from "@/ui/wording";
import { seasons as say } from "@/words/en/seasons";

/** How a season is called by the year in which it begins: "2025/26". */
export function seasonName(year: number): string {
  return say.season({ year, next: String((year + 1) % 100).padStart(2, "0") });
}

/** The closed seasons, the latest first. */
export function latestFirst({ keptSeasons }: Pick<Garden, "keptSeasons">): KeptSeason[] {
  return [...keptSeasons.values()].sort((a, b) => b.year - a.year);
}

/** Days late or early: "3 days late", "as planned". */
export function laterWords(days: number | null, wording: LocalWording): string {
  if (days === null) return say.unknown;
  const rounded = Math.round(days);
  if (rounded === 0) return say.asPlanned;
  const words = wording.days(Math.abs(rounded));
  return rounded > 0 ? say.later({ days: words }) : say.sooner2({ days: words });
}

/** What is suggested, as something to do. */
export function suggestionWords(garden: Garden, one: Suggestion, wording: LocalWording): string {
  if (one.kind === "numbers") return say.takeNumbers({ count: one.ids.length });
  const name = firstWords(one.name);
  const { change } = one.wish;
  switch (change.kind) {
    case "sooner":
      return say.sooner({ name, days: wording.days(change.days) });
    case "less":
      return say.half({ name });
    case "leftOut":
      return say.leaveOut({ name });
    case "netted":
      return say.net({ name });
    case "underCover":
      return say.cover({ name, bed: garden.beds.get(change.bedId)?.name ?? change.bedId });
  }
}

/** "Spinach, winter type" is spinach in the middle of a sentence. */
function firstWords(name: string): string {
  return name.charAt(0).toLowerCase() + name.slice(1);
}
