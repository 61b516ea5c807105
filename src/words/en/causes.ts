import type { Cause } from "@/core/winter";
import { table } from "../table";

/** What kept a planting from its harvest, after "in 3 of 100 winters". */
export const causeWords = table({
  none: "none",
  cold: "killed by cold",
  dark: "held up by the dark",
  bolting: "flowers first",
  heat: "too hot",
  tooLate: "too late",
  spent: "picked to the end",
  pulled: "pulled as planned",
} satisfies Record<Cause, string>);

/** How often a cause kept a planting from its harvest, or ended it. */
export const causes = table({
  lost: ({ count, cause }: { count: number; cause: string }) => `${cause} in ${count}`,
  endsBy: ({ cause, count }: { cause: string; count: number }) => `ends: ${cause} (${count})`,
});
