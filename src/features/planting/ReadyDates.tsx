"use client";

import Box from "@mui/material/Box";
import type { DayNumber } from "@/core/calendar";
import type { Garden, Planting } from "@/core/garden";
import type { Site } from "@/core/growth";
import type { DateSpread, Outcomes, Timeline } from "@/core/schedule";
import { useLateAnswer } from "@/derive";
import { useWording, type LocalWording } from "@/ui/wording";
import { planting as say } from "@/words/en/planting";

interface Props {
  garden: Garden;
  site: Site;
  planting: Planting;
  timeline: Timeline;
}

/** When it is first picked and when full-grown, how that strays from year to year, and what cold may do before. */
export function ReadyDates({ garden, site, planting, timeline }: Props) {
  const wording = useWording();
  const { readyDay, fullSizeDay, sowDay } = timeline;
  const args = { plantingId: planting.id, sowDay };
  const { value, isLate } = useLateAnswer("plantingSpread", args, { garden, site });
  const date = (day: DayNumber | null) => (day === null ? say.notHere : wording.shortDate(day));
  const isOneSize = readyDay === null || readyDay === fullSizeDay;
  const spread = isLate ? null : (value?.spread ?? null);
  const outcomes = isLate ? null : (value?.outcomes ?? null);
  return (
    <>
      <Box sx={{ display: "flex", gap: 3, mt: 1 }} aria-live="polite">
        <BigNumber label={isOneSize ? say.ready : say.firstPicking} value={date(readyDay)} accent />
        {isOneSize ? (
          <BigNumber
            label={say.fromSowing}
            value={readyDay === null ? "–" : say.days({ readyDay: readyDay - sowDay })}
          />
        ) : (
          <BigNumber label={say.fullSize} value={date(fullSizeDay)} />
        )}
      </Box>
      <Box sx={{ fontSize: 14, lineHeight: 1.45, minHeight: "2.9em" }}>
        {!isOneSize && readyDay !== null && (
          <Box>{say.fromSowingDays({ days: readyDay - sowDay })}</Box>
        )}
        {spread && readyDay !== null && <Box>{spreadWords(spread.usable, sowDay, wording)}</Box>}
        {outcomes && <Box>{outcomeWords(outcomes)}</Box>}
      </Box>
    </>
  );
}

function spreadWords({ p20, p80 }: DateSpread, sowDay: DayNumber, wording: LocalWording): string {
  if (p20 === null) return "";
  const early = wording.date(p20, sowDay);
  return p80 === null
    ? say.oneYearInFiveNever({ early })
    : say.oneYearInFive({ early, late: wording.date(p80, sowDay) });
}

/** Under this a chance is not worth a word. */
const WORTH_TELLING = 0.015;

function outcomeWords({ leavesLost, regrows, dead }: Outcomes): string {
  const percent = (chance: number) => Math.round(chance * 100);
  const parts = [
    leavesLost > WORTH_TELLING ? say.leavesLost({ percent: percent(leavesLost) }) : "",
    regrows > WORTH_TELLING ? say.regrows({ percent: percent(regrows) }) : "",
    dead > WORTH_TELLING ? say.dead({ percent: percent(dead) }) : "",
  ].filter((part) => part !== "");
  return parts.length === 0 ? say.coldSpares : say.coldBefore({ parts: parts.join(", ") });
}

function BigNumber({ label, value, accent }: { label: string; value: string; accent?: boolean }) {
  return (
    <Box>
      <Box sx={{ fontSize: 14, color: "var(--ash-text)" }}>{label}</Box>
      <Box
        sx={{
          fontFamily: "var(--font-heading)",
          fontWeight: 600,
          fontSize: 28,
          lineHeight: 1.1,
          whiteSpace: "nowrap",
          color: accent ? "var(--ember-text)" : "var(--text)",
        }}
      >
        {value}
      </Box>
    </Box>
  );
}
