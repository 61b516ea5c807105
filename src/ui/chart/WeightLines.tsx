import { useWording, useUnits } from "../wording";
import { weightTicks } from "./weightTicks";

const GRAMS_PER_KG = 1000;

interface Props {
  topKg: number;
  /** From where to where the lines go, pixels; each one's weight stands before it. */
  fromX: number;
  toX: number;
  /** Where a weight lies, pixels. */
  y: (kg: number) => number;
}

/** Lines across a drawing at round weights, each with its weight. */
export function WeightLines({ topKg, fromX, toX, y }: Props) {
  const wording = useWording();
  const units = useUnits();
  return weightTicks(topKg, units).map((kg) => (
    <g key={kg}>
      <line x1={fromX} x2={toX} y1={y(kg)} y2={y(kg)} stroke="var(--line)" />
      <text x={fromX - 6} y={y(kg) + 4} fontSize="12" textAnchor="end" fill="var(--ash-text)">
        {wording.weightG(kg * GRAMS_PER_KG)}
      </text>
    </g>
  ));
}
