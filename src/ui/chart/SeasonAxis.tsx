import type { DayNumber, Season } from "@/core/calendar";
import { monthStarts, type TimeScale } from "./timeAxis";
import { useWording } from "../wording";

const NARROW_PX = 460;
/** A month's name takes so much. */
const NAME_PX = 30;

interface Props {
  season: Season;
  x: TimeScale;
  /** Width of the whole drawing: where it is narrow, every other month is named. */
  width: number;
  /** Baseline of the months' names. */
  y: number;
}

/** The months of a season along the foot of a drawing. */
export function SeasonAxis({ season, x, width, y }: Props) {
  const wording = useWording();
  return monthStarts(season.startDay, season.endDay).map((start, index) =>
    (width < NARROW_PX && index % 2 === 1) || x(start) > width - NAME_PX ? null : (
      <text key={start} x={x(start)} y={y} fontSize="12">
        {wording.month(start)}
      </text>
    ),
  );
}

/** The date in view as a line across a drawing. */
export function DayLine({
  day,
  x,
  top,
  bottom,
}: {
  day: DayNumber;
  x: TimeScale;
  top: number;
  bottom: number;
}) {
  return (
    <line x1={x(day)} x2={x(day)} y1={top} y2={bottom} stroke="var(--text)" strokeWidth="1.25" />
  );
}
