import type { Task } from "@/core/tasks";
import { workWords } from "@/words/en/works";
import type { Work } from "@/core/log";
import { today as say } from "@/words/en/today";
import { told } from "@/ui/wording";
import "@/words/en/facts/bedCare";
import "@/words/en/facts/frostNight";
import "@/words/en/facts/schedule";
import "@/words/en/facts/soil";
import "@/words/en/facts/tasks";
import "@/words/en/facts/trays";

/** Work whose words do not run on into its subject. */
const APART: ReadonlySet<Work> = new Set([
  "checkEmergence",
  "readyBed",
  "leaveForSeed",
  "liftForSeed",
  "setOutForSeed",
  "cageForSeed",
  "cutSeed",
  "cleanSeed",
  "winterSettings",
  "summerSettings",
  "changeWatering",
  "sowTray",
  "shade",
  "shadeOff",
  "pickBeforeFrost",
  "endRest",
]);

/** A task's heading: "Pick kale, curly". */
export function taskTitle({ kind, subject, pieces }: Task): string {
  const { ask } = workWords(kind);
  if (kind === "cover" && pieces.length > 0) return say.putOn({ lowered: lowered(told(subject)) });
  if (typeof subject !== "string" && subject.code === "tasks.again") return told(subject);
  return APART.has(kind) ? `${ask}: ${lowered(told(subject))}` : `${ask} ${lowered(told(subject))}`;
}

/** A name inside a sentence: its first letter small, unless it is a place with a number. */
function lowered(subject: string): string {
  return /^\p{Lu}\p{Ll}/u.test(subject) && !/^\p{Lu}\p{Ll}+ \d/u.test(subject)
    ? subject.charAt(0).toLowerCase() + subject.slice(1)
    : subject;
}
