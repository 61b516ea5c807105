"use client";

import Box from "@mui/material/Box";
import { dayNumber } from "@/core/calendar";
import type { Planting } from "@/core/garden";
import type { Facts } from "@/core/schedule";
import { InspectorSection } from "@/ui/frame/index";
import type { LocalWording } from "@/ui/wording";

interface Props {
  planting: Planting;
  facts: Facts;
  wording: LocalWording;
}

/** What the logbook tells of a planting, beside what was planned; nothing where it tells nothing. */
export function HappenedSection({ planting, facts, wording }: Props) {
  const lines = happenedLines(planting, facts, wording);
  if (lines.length === 0) return null;
  return (
    <InspectorSection title="What happened">
      <Box component="ul" sx={{ m: 0, pl: 2.25, fontSize: 14, lineHeight: 1.5 }}>
        {lines.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </Box>
    </InspectorSection>
  );
}

function happenedLines(planting: Planting, facts: Facts, wording: LocalWording): string[] {
  const { sownDay, emergedDay, plantedOutDay, pickedDays, overDay, losses } = facts;
  const lines: string[] = [];
  const planned = dayNumber(planting.sowOn);
  if (sownDay !== null) {
    const late = sownDay - planned;
    const beside =
      late === 0
        ? "as planned"
        : `${Math.abs(late)} ${Math.abs(late) === 1 ? "day" : "days"} ${late > 0 ? "later" : "earlier"} than planned`;
    lines.push(`Sown ${wording.date(sownDay)}, ${beside}.`);
  }
  if (emergedDay !== null) lines.push(`Up ${wording.date(emergedDay)}.`);
  if (plantedOutDay !== null) lines.push(`Planted out ${wording.date(plantedOutDay)}.`);
  for (const { day, cause, share } of losses) {
    lines.push(`${Math.round(share * 100)} % lost on ${wording.date(day)}: ${cause}.`);
  }
  if (pickedDays.length > 0) lines.push(pickedWords(facts, wording));
  if (overDay !== null) lines.push(`Over since ${wording.date(overDay)}.`);
  return lines;
}

function pickedWords({ pickedDays, harvestedGrams, harvestedCount }: Facts, wording: LocalWording) {
  const times = pickedDays.length === 1 ? "once" : `${pickedDays.length} times`;
  const amounts = [
    harvestedGrams > 0 ? wording.weightG(harvestedGrams) : null,
    harvestedCount > 0 ? `${wording.number(harvestedCount)} pieces` : null,
  ].filter((words) => words !== null);
  const last = wording.date(pickedDays.at(-1) ?? 0);
  return `Picked ${times}${amounts.length > 0 ? `, ${amounts.join(" and ")} in all` : ""}; last on ${last}.`;
}
