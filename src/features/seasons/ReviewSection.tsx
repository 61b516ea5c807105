"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useState, type ReactNode } from "react";
import type { DayNumber } from "@/core/calendar";
import { cropsOf, type Garden, type KeptPlanting } from "@/core/garden";
import type { CameLate, SeasonReview } from "@/core/seasons";
import { useWording, type LocalWording } from "@/ui/wording";
import { capital } from "@/words/capital";
import { CAUSE_WORDS } from "@/words/en/entries";
import { foodGroups } from "@/words/en/larder";
import { seasons as say } from "@/words/en/seasons";
import { SeasonWeeks } from "./SeasonWeeks";

interface Props {
  garden: Garden;
  review: SeasonReview;
  today: DayNumber;
}

/** More lines than these are no page any more. */
const MOST_LINES = 6;

/** A season on one page: what was late, what nobody ate, gaps, losses, covers that paid. */
export function ReviewSection({ garden, review, today }: Props) {
  const wording = useWording();
  const weight = (grams: number) => wording.weightG(roundG(grams));
  const crops = cropsOf(garden);
  const { late, neverPicked, lost, rotted, gaps, covers } = review;
  return (
    <Box sx={{ mt: 1.5 }}>
      <Box sx={{ fontSize: 20, fontFamily: "var(--font-heading)" }}>
        {say.weighed({ harvested: weight(review.harvestedG), usual: weight(review.usualG) })}
      </Box>
      <SeasonWeeks weeks={review.weeks} />
      <Box
        sx={{
          mt: 1.5,
          columnWidth: 340,
          columnGap: 3,
          maxWidth: 1150,
        }}
      >
        <Lines title={say.late} lines={late.map((one) => lateWords(garden, one, wording, weight))}>
          {late.length === 0 && say.nothingLate}
        </Lines>
        <Lines
          title={say.lost}
          lines={lost.map(({ cause, grams, plantings }) =>
            say.lostLine({
              cause: capital(CAUSE_WORDS[cause]),
              weight: weight(grams),
              names: wording.names(plantings.map((one) => nameOf(garden, one))),
            }),
          )}
        />
        <Lines title={say.neverPicked} lines={neverPicked.map((one) => nameOf(garden, one))} />
        <Lines
          title={say.rotted}
          lines={rotted.map(
            ({ cropId, grams }) => `${crops.get(cropId)?.name ?? cropId}, ${weight(grams)}`,
          )}
        />
        <Lines
          title={say.gaps}
          lines={gaps.map(({ group, fromDay, untilDay, shortG }) =>
            say.gapLine({
              group: foodGroups[group],
              weight: weight(shortG),
              from: wording.date(fromDay, today),
              until: wording.date(untilDay, today),
            }),
          )}
        />
        <Lines
          title={say.covers}
          lines={covers.map(({ bedId, grams }) =>
            say.coverLine({ bed: garden.beds.get(bedId)?.name ?? bedId, weight: weight(grams) }),
          )}
        />
      </Box>
    </Box>
  );
}

/** A planting and where it stood: several of a crop are told apart by it. */
function nameOf(garden: Garden, { name, planting }: KeptPlanting): string {
  const bed = garden.beds.get(planting.bedId)?.name;
  return bed === undefined ? name : `${name}, ${bed}`;
}

/** Nobody weighs a season to the gram. */
function roundG(grams: number): number {
  return grams >= 1000 ? Math.round(grams / 100) * 100 : Math.round(grams / 10) * 10;
}

function lateWords(
  garden: Garden,
  { kept, days, sownLateDays, slowerDays, lessG }: CameLate,
  wording: LocalWording,
  weight: (grams: number) => string,
): string {
  const parts = [
    sownLateDays > 0 && slowerDays > 0 ? say.sownLate({ days: wording.days(sownLateDays) }) : null,
    sownLateDays > 0 && slowerDays > 0 ? say.slower({ days: wording.days(slowerDays) }) : null,
    lessG !== null && lessG > 0 ? say.less({ weight: weight(lessG) }) : null,
  ].filter((part) => part !== null);
  const why = parts.length > 0 ? `; ${parts.join(", ")}` : "";
  return say.lateLine({ name: nameOf(garden, kept), days: wording.days(days), why });
}

function Lines(props: { title: string; lines: readonly string[]; children?: ReactNode }) {
  const { title, lines, children } = props;
  const [isAll, setAll] = useState(false);
  if (lines.length === 0 && !children) return null;
  return (
    <Box component="section" aria-label={title} sx={{ breakInside: "avoid", mb: 2 }}>
      <Box component="h3" sx={{ m: 0, fontSize: 17, fontWeight: 700 }}>
        {title}
      </Box>
      {children}
      <Box component="ul" sx={{ m: 0, pl: 2.25, fontSize: 15.5, lineHeight: 1.5 }}>
        {lines.slice(0, isAll ? lines.length : MOST_LINES).map((line, at) => (
          <li key={at}>{line}</li>
        ))}
      </Box>
      {lines.length > MOST_LINES && !isAll && (
        <Button size="small" color="inherit" onClick={() => setAll(true)}>
          {say.showAll({ count: lines.length })}
        </Button>
      )}
    </Box>
  );
}
