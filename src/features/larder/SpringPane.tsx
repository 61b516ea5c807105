"use client";

import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { useMemo } from "react";
import { civilDate, type DayNumber } from "@/core/calendar";
import type { Garden } from "@/core/garden";
import type { Site } from "@/core/growth";
import type { EarliestSowing, InBed } from "@/core/spring";
import { useAnswer } from "@/derive";
import { InspectorSection } from "@/ui/frame";
import { useWording } from "@/ui/wording";
import { coverWords } from "@/words/covers";
import { spring as say } from "@/words/en/spring";

interface Props {
  garden: Garden;
  site: Site;
  day: DayNumber;
  /** The hungry gap in a sentence; null where there is none. */
  hungry: string | null;
}

/** So long after midwinter it is spring. */
const SPRING_DAYS = 90;

/** One line: a day and what it brings. */
interface Line {
  key: string;
  day: DayNumber;
  words: string;
  detail?: string;
}

/** The spring ahead, day by day: what wakes, what is uncovered, bolts and makes way, what is sown first. */
export default function SpringPane({ garden, site, day, hungry }: Props) {
  const wording = useWording();
  const args = useMemo(() => ({ day }), [day]);
  const { value } = useAnswer("spring", args, { garden, site });
  const inBed = ({ plantingId, name, bedName, covers, day: on }: InBed): Line => ({
    key: plantingId,
    day: on,
    words: say.inBed({ name, bed: bedName, covers: covers.length > 0 ? coverWords(covers) : "" }),
  });
  const sowing = (one: EarliestSowing): Line => {
    const { cropId, cropName, bedName, covers, inContainers, openSowDay } = one;
    const under = covers.length > 0 ? say.under({ covers: coverWords(covers) }) : say.inOpen;
    const isEarlier = openSowDay !== null && openSowDay > one.sowDay;
    return {
      key: cropId,
      day: one.sowDay,
      words: say.sow({
        crop: cropName,
        place: inContainers ? say.inPots({ bed: bedName }) : under,
        out:
          one.plantOutDay === null
            ? ""
            : say.out({ date: wording.date(one.plantOutDay, one.sowDay) }),
        ready: wording.date(one.readyDay, one.sowDay),
      }),
      ...(isEarlier && { detail: say.openFrom({ date: wording.date(openSowDay, one.sowDay) }) }),
    };
  };
  return (
    <>
      <Typography variant="h2" sx={{ pr: 4 }}>
        {say.title({ year: civilDate(site.season(day).midwinterDay + SPRING_DAYS).year })}
      </Typography>
      {hungry !== null && (
        <Box sx={{ fontSize: 15.5, mt: 0.5 }}>{hungry.replace(/ [^.]*…$/, "")}</Box>
      )}
      {!value && <Box aria-live="polite">{say.reckoning}</Box>}
      {value && (
        <>
          <Lines title={say.earliest} lines={value.earliest.map(sowing)} />
          <Lines title={say.wakes} lines={value.wakes.map(inBed)} />
          <Lines title={say.bolts} lines={value.bolts.map(inBed)} />
          <Lines
            title={say.makeWay}
            lines={value.makeWay.map(({ bedName, byDay, next, standing }) => ({
              key: `${bedName} ${byDay} ${next}`,
              day: byDay,
              words: say.waits({ bed: bedName, next, standing: standing ?? "" }),
            }))}
          />
          <Lines
            title={say.uncover}
            lines={value.uncover.map(({ bedName, day: on, coverNames }) => ({
              key: bedName,
              day: on,
              words: say.off({ covers: coverNames, bed: bedName }),
            }))}
          />
        </>
      )}
    </>
  );
}

function Lines({ title, lines }: { title: string; lines: readonly Line[] }) {
  const wording = useWording();
  return (
    <InspectorSection title={title}>
      {lines.length === 0 && <Box sx={{ fontSize: 15 }}>{say.none}</Box>}
      <Box component="ul" aria-label={title} sx={{ m: 0, p: 0, listStyle: "none" }}>
        {lines.map(({ key, day: on, words, detail }) => (
          <Box
            component="li"
            key={key}
            sx={{
              display: "grid",
              gridTemplateColumns: "86px minmax(0, 1fr)",
              columnGap: 1,
              py: 0.4,
              fontSize: 15,
              lineHeight: 1.35,
            }}
          >
            <Box className="tabular" sx={{ fontWeight: 700 }}>
              {wording.shortDate(on)}
            </Box>
            <Box>
              {words}
              {detail && <Box sx={{ fontSize: 14, color: "var(--ash-text)" }}>{detail}</Box>}
            </Box>
          </Box>
        ))}
      </Box>
    </InspectorSection>
  );
}
