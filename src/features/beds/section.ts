import type { DayNumber } from "@/core/calendar";
import type { Bed, Garden } from "@/core/garden";
import type { Site } from "@/core/growth";

/** What every section of a bed's pane is given. */
export interface BedSectionProps {
  garden: Garden;
  site: Site;
  bed: Bed;
  /** The date in view. */
  day: DayNumber;
}
