import { z } from "zod";
import { isIsoDate } from "@/core/calendar";
import type { Crop } from "@/core/crops";
import { TRIAL_KINDS, TRIAL_MEASURES, type Trial } from "@/core/garden";
import { amount } from "@/ui/forms";
import { trials as say } from "@/words/en/trials";

const MOST_TREATMENTS = 8;

/** What is typed to lay out a trial. */
export const TrialFieldsSchema = z
  .object({
    name: z.string().trim().min(1, say.enterName).max(80),
    kind: z.enum(TRIAL_KINDS),
    measure: z.enum(TRIAL_MEASURES),
    /** One a line: names, dates or percentages by kind. */
    lines: z.string(),
    varietyIds: z.array(z.string()),
    cropIds: z.array(z.string()).min(1, say.chooseCrop).max(12),
    bedIds: z.array(z.string()).min(1, say.chooseBed),
    blocks: amount(say.enterBlocks)
      .int(say.enterBlocks)
      .min(1, say.enterBlocks)
      .max(20, say.enterBlocks),
    plants: z.boolean(),
    sowOn: z.string(),
  })
  .superRefine((fields, context) => {
    const wrong = (path: keyof typeof fields, message: string) =>
      context.addIssue({ code: "custom", path: [path], message });
    const { kind, plants, sowOn } = fields;
    if (plants && !isIsoDate(sowOn)) wrong("sowOn", say.enterDate);
    if (kind === "variety") {
      if (fields.cropIds.length !== 1) wrong("cropIds", say.oneCrop);
      if (fields.varietyIds.length < 2) wrong("varietyIds", say.enterTwo);
      return;
    }
    const lines = linesOf(fields.lines);
    if (lines.length < 2) wrong("lines", say.enterTwo);
    else if (lines.length > MOST_TREATMENTS) wrong("lines", say.noMoreThan8);
    else if (new Set(lines).size < lines.length) wrong("lines", say.twice);
    else if (kind === "date" && !lines.every(isIsoDate)) wrong("lines", say.enterDates);
    else if (kind === "spacing" && lines.some((line) => shareOf(line) === null)) {
      wrong("lines", say.enterSpacings);
    }
  });
export type TrialFields = z.infer<typeof TrialFieldsSchema>;

export function linesOf(text: string): string[] {
  return text
    .split(/\n/)
    .map((line) => line.trim())
    .filter(Boolean);
}

/** "120 %" as 1.2; null where it is none, or no spacing. */
function shareOf(line: string): number | null {
  const value = Number(line.replace("%", "").trim()) / 100;
  return value >= 0.5 && value <= 2 ? value : null;
}

/** The treatments that the fields stand for; none while they cannot be read. */
export function treatmentsFrom(
  { kind, lines, varietyIds }: Pick<TrialFields, "kind" | "lines" | "varietyIds">,
  crop: Crop | undefined,
): Trial["treatments"] {
  const plain = { varietyId: null, sowOn: null, spacingFactor: null };
  const id = (at: number) => `treatment-${at + 1}`;
  if (kind === "variety") {
    return varietyIds.flatMap((varietyId, at) => {
      const name = crop?.varieties.find((one) => one.id === varietyId)?.name;
      return name === undefined ? [] : [{ ...plain, id: id(at), name, varietyId }];
    });
  }
  return linesOf(lines)
    .slice(0, MOST_TREATMENTS)
    .map((line, at) => ({
      ...plain,
      id: id(at),
      name: line.slice(0, 80),
      sowOn: kind === "date" && isIsoDate(line) ? line : null,
      spacingFactor: kind === "spacing" ? shareOf(line) : null,
    }));
}
