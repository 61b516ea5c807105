"use client";

import Box from "@mui/material/Box";
import { dayNumber } from "@/core/calendar";
import type { Planting } from "@/core/garden";
import type { Facts } from "@/core/schedule";
import { InspectorSection } from "@/ui/frame/index";
import { useWording, type LocalWording } from "@/ui/wording";
import { planting as say } from "@/words/en/planting";

interface Props {
  planting: Planting;
  facts: Facts;
}

/** What the logbook tells of a planting, beside what was planned; nothing where it tells nothing. */
export function HappenedSection({ planting, facts }: Props) {
  const wording = useWording();
  const lines = happenedLines(planting, facts, wording);
  if (lines.length === 0) return null;
  return (
    <InspectorSection title={say.history}>
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
      late === 0 ? say.plannedDate : say.thanPlanned({ late: Math.abs(late), isLate: late > 0 });
    lines.push(say.sown2({ date: wording.date(sownDay), beside }));
  }
  if (emergedDay !== null) lines.push(say.up({ date: wording.date(emergedDay) }));
  if (plantedOutDay !== null) lines.push(say.transplanted({ date: wording.date(plantedOutDay) }));
  for (const { day, cause, share } of losses) {
    lines.push(say.lostOn({ share: Math.round(share * 100), date: wording.date(day), cause }));
  }
  if (pickedDays.length > 0) lines.push(pickedWords(facts, wording));
  if (overDay !== null) lines.push(say.finished({ date: wording.date(overDay) }));
  return lines;
}

function pickedWords({ pickedDays, harvestedGrams, harvestedCount }: Facts, wording: LocalWording) {
  const times =
    pickedDays.length === 1 ? "once" : say.times({ pickedDaysCount: pickedDays.length });
  const amounts = [
    harvestedGrams > 0 ? wording.weightG(harvestedGrams) : null,
    harvestedCount > 0 ? say.pieces({ number: wording.number(harvestedCount) }) : null,
  ].filter((words) => words !== null);
  const last = wording.date(pickedDays.at(-1) ?? 0);
  return say.harvestedLastOn({
    times,
    value: amounts.length > 0 ? say.inAll({ amounts: amounts.join(say.and) }) : "",
    last,
  });
}
