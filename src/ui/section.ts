import type { DayNumber } from "@/core/calendar";
import type { Garden } from "@/core/garden";
import type { Site } from "@/core/growth";

/** What every part of the seedlings view is told. */
export interface SectionProps {
  garden: Garden;
  /** Null while the place is not known. */
  site: Site | null;
  today: DayNumber;
  /** The date in view. */
  day: DayNumber;
}
