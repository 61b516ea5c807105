"use client";

import Box from "@mui/material/Box";
import { DAYS_PER_WEEK, laterWords } from "@/core/calendar";
import { timelineIfSown } from "@/core/plantings";
import { cliffOf, lastSafeSowing, seasonAimedAt } from "@/core/schedule";
import { InspectorSection } from "@/ui/frame/index";
import type { SectionProps } from "./section";

/** What a week's delay would cost, and the last sowing before the cliff. */
export function WeekLaterSection({ site, settings, growing, timeline, wording }: SectionProps) {
  const later = timelineIfSown(site, settings, growing, timeline.sowDay + DAYS_PER_WEEK);
  const cliff = cliffOf(site, settings, growing, seasonAimedAt(site, timeline));
  const isAnyTime = lastSafeSowing(site, settings, growing, timeline).kind === "anyTime";
  const sown = wording.date(timeline.sowDay + DAYS_PER_WEEK);
  return (
    <InspectorSection title="A week later?">
      <Box sx={{ fontSize: 14, lineHeight: 1.45 }}>
        {later.readyDay === null || timeline.readyDay === null ? (
          <>Sown {sown}, it does not get ready here.</>
        ) : (
          <>
            Sown {sown}: ready <b>{wording.date(later.readyDay, timeline.sowDay)}</b>,{" "}
            {laterWords(later.readyDay - timeline.readyDay)}.
          </>
        )}{" "}
        {isAnyTime ? (
          <>There is no cliff ahead of it: a day&apos;s delay costs about a day.</>
        ) : cliff.lastSafeDay !== null ? (
          <>
            Last safe sowing: <b>{wording.date(cliff.lastSafeDay, timeline.sowDay)}</b>
            {cliff.afterLastSafeReadyDay !== null &&
              `; the day after, ready only ${wording.date(cliff.afterLastSafeReadyDay, timeline.sowDay)}`}
            .
          </>
        ) : settings.school === "calendar" ? (
          <>Frost is too seldom here for this school to count back from.</>
        ) : (
          <>No sowing of this season is safe at the risk taken.</>
        )}
      </Box>
    </InspectorSection>
  );
}
