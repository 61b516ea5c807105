"use client";

import Box from "@mui/material/Box";
import { DAYS_PER_WEEK } from "@/core/calendar";
import { laterWords } from "@/words";
import { timelineIfSown } from "@/core/plantings";
import { cliffOf, lastSafeSowing, seasonAimedAt } from "@/core/schedule";
import { InspectorSection } from "@/ui/frame/index";
import type { SectionProps } from "./section";
import { planting as say } from "@/words/en/planting";
import { useWording } from "@/ui/wording";

/** A week that costs no more than so many days is as good as a week: there is no cliff in it. */
const MOST_DAYS_A_WEEK_COSTS = 10;

/** What a week's delay would cost, and the last sowing before the cliff. */
export function WeekLaterSection({ site, settings, growing, timeline }: SectionProps) {
  const wording = useWording();
  const later = timelineIfSown(site, settings, growing, timeline.sowDay + DAYS_PER_WEEK);
  const cliff = cliffOf(site, settings, growing, seasonAimedAt(site, timeline));
  const weekCostsDays =
    later.readyDay === null || timeline.readyDay === null
      ? Infinity
      : later.readyDay - timeline.readyDay;
  const isAnyTime = lastSafeSowing(site, settings, growing, timeline).kind === "anyTime";
  const sown = wording.date(timeline.sowDay + DAYS_PER_WEEK);
  return (
    <InspectorSection title={say.ifSownAWeekLater}>
      <Box sx={{ fontSize: 14, lineHeight: 1.45 }}>
        {later.readyDay === null || timeline.readyDay === null ? (
          <>{say.sownItWillNotBeReadyHere({ sown })}</>
        ) : (
          <>
            {say.sownReady({ sown })} <b>{wording.date(later.readyDay, timeline.sowDay)}</b>,{" "}
            {laterWords(later.readyDay - timeline.readyDay)}.
          </>
        )}{" "}
        {isAnyTime && weekCostsDays <= MOST_DAYS_A_WEEK_COSTS ? (
          <>{say.noCliffAheadADaysDelayCostsAboutA}</>
        ) : cliff.lastSafeDay !== null ? (
          <>
            {say.lastSafeSowingDate} <b>{wording.date(cliff.lastSafeDay, timeline.sowDay)}</b>
            {cliff.afterLastSafeReadyDay !== null &&
              say.oneDayLaterNotReadyUntil({
                date: wording.date(cliff.afterLastSafeReadyDay, timeline.sowDay),
              })}
            .
          </>
        ) : isAnyTime ? null : settings.school === "calendar" ? (
          <>{say.frostIsTooRareHereToCountBackFrom}</>
        ) : (
          <>{say.noSowingDateThisSeasonIsSafeAtYour}</>
        )}
      </Box>
    </InspectorSection>
  );
}
