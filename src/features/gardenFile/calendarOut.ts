import { z } from "zod";
import type { Garden } from "@/core/garden";
import { siteFor } from "@/core/plantings";
import { keepOnDevice, keptOnDevice, todayOf, whenNeeded } from "@/store/index";
import { downloadText } from "@/ui/download";
import { tell } from "@/ui/viewState";
import { imports as say } from "@/words/en/imports";
import { aheadOf, fileName, wordsOf } from "./gardenFiles";

const formatsPart = whenNeeded(() => import("@/core/formats"));
/** The calendar that this device gave out last: the next one updates it. */
const EARLIER = "calendar";
const EarlierSchema = z.object({ text: z.string(), rings: z.boolean() });

/** Whether the last calendar rang; null where none was saved on this device yet. */
export async function lastCalendarRings(): Promise<boolean | null> {
  const kept = EarlierSchema.safeParse(await keptOnDevice(EARLIER));
  return kept.success ? kept.data.rings : null;
}

/** Saves the plan and the days ahead for a phone's calendar; whether there was something to save. */
export async function saveCalendarFile(garden: Garden, rings: boolean): Promise<boolean> {
  const site = siteFor(garden);
  if (!site) {
    tell(say.setYourLocationFirstWithoutItThere, "refused");
    return false;
  }
  const { writeCalendarFile } = await formatsPart();
  const kept = EarlierSchema.safeParse(await keptOnDevice(EARLIER));
  const text = await writeCalendarFile({
    site,
    garden,
    today: todayOf(garden),
    nowMs: Date.now(),
    words: wordsOf(garden),
    ahead: await aheadOf(garden, site),
    earlier: kept.success ? kept.data.text : null,
    rings,
  });
  downloadText(`${fileName(garden)}.ics`, "text/calendar", text);
  await keepOnDevice(EARLIER, { text, rings });
  tell(say.calendarFileSavedOpenItOnYourPhone);
  return true;
}
