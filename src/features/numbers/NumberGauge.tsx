import type { LearnedNumber } from "@/core/learn";

const [WIDTH, HEIGHT] = [220, 30];
const [LEFT, RIGHT] = [8, WIDTH - 8];
const MIDDLE = (LEFT + RIGHT) / 2;
/** From half of the library's to twice it; for degrees so many to either side. */
const WIDEST_LOG = Math.log(2);
const WIDEST_C = 5;

/** A number against the library's: its mark in the middle, one's own as a band with a knot. */
export function NumberGauge({ number }: { number: LearnedNumber }) {
  const { library, own, joined, low, high, used } = number;
  const isDegrees = number.unit === "degrees";
  const x = (value: number) => {
    const off = isDegrees
      ? (value - library) / WIDEST_C
      : Math.log(Math.max(1e-6, value / library)) / WIDEST_LOG;
    return MIDDLE + Math.max(-1, Math.min(1, off)) * (MIDDLE - LEFT);
  };
  const y = HEIGHT / 2;
  const colour = used ? "var(--ember)" : "var(--ash)";
  return (
    <svg width={WIDTH} height={HEIGHT} viewBox={`0 0 ${WIDTH} ${HEIGHT}`} aria-hidden>
      <line x1={LEFT} x2={RIGHT} y1={y} y2={y} stroke="var(--line)" strokeWidth="2" />
      <line x1={MIDDLE} x2={MIDDLE} y1="3" y2={HEIGHT - 3} stroke="var(--text)" strokeWidth="2" />
      <rect
        x={x(low)}
        y={y - 5}
        width={Math.max(3, x(high) - x(low))}
        height="10"
        rx="5"
        fill={colour}
        opacity="0.45"
      />
      <circle cx={x(own)} cy={y} r="4" fill="none" stroke="var(--ash-text)" strokeWidth="1.5" />
      <circle cx={x(joined)} cy={y} r="6" fill={colour} stroke="var(--paper)" strokeWidth="1.5" />
    </svg>
  );
}
