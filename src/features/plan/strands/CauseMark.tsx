import type { Cause } from "@/core/winter";

/** What a cause looks like, about a middle at 0: told by its shape, and by words beside it. */
const SHAPES: Partial<Record<Cause, string>> = {
  // A frost notch, a waning moon, a flower on its stalk, a sun with rays, a clock.
  cold: "M-5,-4 h10 l-5,9 z",
  dark: "M2,-5 a5,5 0 1 0 3,8 a5.5,5.5 0 0 1 -3,-8 z",
  bolting: "M0,6 V-1 M0,-1 a2.6,2.6 0 1 1 0.1,0 M-3,3 l3,2 l3,-3",
  heat: "M-2.4,0 a2.4,2.4 0 1 0 4.8,0 a2.4,2.4 0 1 0 -4.8,0 M0,-5.5 v1.6 M0,5.5 v-1.6 M-5.5,0 h1.6 M5.5,0 h-1.6 M-3.9,-3.9 l1.1,1.1 M3.9,3.9 l-1.1,-1.1 M3.9,-3.9 l-1.1,1.1 M-3.9,3.9 l1.1,-1.1",
  tooLate: "M-5,0 a5,5 0 1 0 10,0 a5,5 0 1 0 -10,0 M0,-3 V0 H2.6",
};

/** Causes that have a mark, in the order of the key. */
export const MARKED_CAUSES = ["cold", "dark", "bolting", "heat", "tooLate"] as const;

/** What mostly keeps a planting from its harvest, or ends it, as a small mark. */
export function CauseMark({ cause, x, y }: { cause: Cause; x: number; y: number }) {
  const shape = SHAPES[cause];
  if (!shape) return null;
  return (
    <path
      d={shape}
      transform={`translate(${x},${y})`}
      fill="none"
      stroke={cause === "cold" ? "var(--frost-text)" : "var(--text)"}
      strokeWidth="1.4"
      strokeLinecap="round"
      strokeLinejoin="round"
    />
  );
}
