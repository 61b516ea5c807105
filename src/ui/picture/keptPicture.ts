/** Where the last picture of the day's tasks is kept, for whoever opens the page next. */
export const PICTURE_CACHE = "late-ember-picture";
export const PICTURE_ADDRESS = "/kept/today";
/** Where it stands until the program has come. */
export const PICTURE_HOST = "picture-of-today";
/** From here on there is a column beside the tasks: the same as the theme's `lg`. */
export const WIDE = "(min-width: 1200px)";

/** The first screen of the day's tasks, as it will be drawn, for a day or two. */
export interface KeptPicture {
  /** The version of the program that drew it. */
  program: string;
  language: string;
  isWide: boolean;
  /** The garden's own today; null where it goes by the calendar. */
  today: string | null;
  css: string;
  /** HTML by day: "2026-11-30". */
  days: Readonly<Record<string, string>>;
}

/** A tap on a button of the picture: by the name that the button has in the view as well. */
export interface EarlyTap {
  name: string;
  /** Its place among the buttons of that name. */
  at: number;
}

/** What the page's first script leaves for the program. */
export interface EarlyPage {
  taps: EarlyTap[];
  /** How far the picture has been scrolled, pixels. */
  scrolledPx: () => number;
}

export async function keepPicture(picture: KeptPicture): Promise<void> {
  const cache = await caches.open(PICTURE_CACHE);
  await cache.put(PICTURE_ADDRESS, new Response(JSON.stringify(picture)));
}

/** Takes the picture away: it shows a garden that has changed since. */
export async function dropPicture(): Promise<void> {
  if ("caches" in globalThis) await caches.delete(PICTURE_CACHE);
}
