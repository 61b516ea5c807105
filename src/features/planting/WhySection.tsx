"use client";

import Box from "@mui/material/Box";
import { area } from "d3-shape";
import type { DayNumber } from "@/core/calendar";
import { why, worthOn } from "@/core/schedule";
import { timeScale } from "@/ui/chart/index";
import { HelpMark, InspectorSection } from "@/ui/frame/index";
import type { SectionProps } from "./section";
import { termNames } from "@/words/en/terms";
import { planting as say } from "@/words/en/planting";
import { useWording, told } from "@/ui/wording";
import "@/words/en/facts/schedule";
import "@/words/en/facts/shelter";

const WIDTH = 266;
const HEIGHT = 62;
const FULL_WORTH_Y = 10;
const DAYS_DRAWN_AT_MOST = 400;

/** The sum behind the ready date in words, and what each of its days is worth as a picture. */
export function WhySection({ site, settings, growing, timeline }: SectionProps) {
  const wording = useWording();
  const sentences = why(site, settings, growing, timeline);
  const bedDay = timeline.plantOutDay ?? timeline.sowDay;
  const endDay = timeline.readyDay ?? bedDay + DAYS_DRAWN_AT_MOST;
  const x = timeScale(bedDay, endDay, 0, WIDTH);
  const days: DayNumber[] = [];
  const step = Math.max(1, Math.floor((endDay - bedDay) / 120));
  for (let day = bedDay; day < endDay; day += step) days.push(day);
  days.push(endDay - 1);
  const shape = area<DayNumber>()
    .x((day) => x(day))
    .y0(HEIGHT)
    .y1((day) => HEIGHT - worthOn(site, growing, timeline.sowDay, day) * (HEIGHT - FULL_WORTH_Y));
  return (
    <InspectorSection title={say.why}>
      {sentences.map((sentence) => (
        <Box
          component="p"
          key={told(sentence)}
          sx={{ m: 0, mb: 0.75, fontSize: 14, lineHeight: 1.45 }}
        >
          {told(sentence)}
        </Box>
      ))}
      <svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT + 16}`}
        width="100%"
        role="img"
        aria-label={say.aDaysGrowthPacketDaysInTheBedFrom}
      >
        <path d={shape(days) ?? ""} fill="var(--straw)" opacity="0.85" />
        <line
          x1="0"
          x2={WIDTH}
          y1={FULL_WORTH_Y}
          y2={FULL_WORTH_Y}
          stroke="var(--ash-text)"
          strokeDasharray="2 3"
        />
        <text x={WIDTH} y={FULL_WORTH_Y + 13} fontSize="11.5" textAnchor="end">
          {say.n1PacketDay}
        </text>
        <text x="0" y={HEIGHT + 13} fontSize="11.5">
          {wording.shortDate(bedDay)}
        </text>
        <text x={WIDTH} y={HEIGHT + 13} fontSize="11.5" textAnchor="end">
          {wording.shortDate(endDay)}
        </text>
      </svg>
      <Box sx={{ fontSize: 13.5, color: "var(--ash-text)" }}>
        {termNames.packetDay}
        <HelpMark term="packetDay" />
      </Box>
    </InspectorSection>
  );
}
