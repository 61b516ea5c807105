/** A hatch for fills that must not be told by colour alone; goes into `<defs>`. */
export function Hatch(props: {
  id: string;
  /** Distance between the lines, in pixels. */
  every: number;
  lineWidth: number;
  line: string;
  /** Colour between the lines; none leaves it open. */
  ground?: string;
  opacity?: number;
}) {
  const { id, every, lineWidth, line, ground, opacity } = props;
  return (
    <pattern
      id={id}
      width={every}
      height={every}
      patternUnits="userSpaceOnUse"
      patternTransform="rotate(45)"
    >
      {ground && <rect width={every} height={every} fill={ground} />}
      <line
        x1="0"
        y1="0"
        x2="0"
        y2={every}
        stroke={line}
        strokeWidth={lineWidth}
        opacity={opacity}
      />
    </pattern>
  );
}

/** Daylight from glow to ember, brightest at the top; goes into `<defs>`. */
export function DaylightGradient({ id, foot = "#c8501e" }: { id: string; foot?: string }) {
  return (
    <linearGradient id={id} x1="0" y1="0" x2="0" y2="1">
      <stop offset="0" stopColor="#ffdca6" />
      <stop offset="0.35" stopColor="#f2a65a" />
      <stop offset="0.8" stopColor="#c8501e" />
      <stop offset="1" stopColor={foot} />
    </linearGradient>
  );
}
