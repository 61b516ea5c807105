import type { EarlyPage, EarlyTap } from "./keptPicture";

declare global {
  interface Window {
    lateEmberEarly?: EarlyPage;
  }
}

/** What a view fetches for itself, such as a notice over it, has come by then, ms. */
const FETCHED_WITHIN_MS = 4000;
const LOOKS_AGAIN_MS = 200;

/**
 * Does what was tapped in the picture, now that the view is there: each tap on the button of the same name.
 *
 * @param view where the buttons are
 * @returns names of buttons that are not there any more
 */
export async function takeEarlyTaps(view: HTMLElement): Promise<string[]> {
  const early = window.lateEmberEarly;
  if (!early) return [];
  const scrolledPx = early.scrolledPx();
  const screen = view.querySelector("[role=region]");
  if (screen && scrolledPx > 0) screen.scrollTop = scrolledPx;
  let left: EarlyTap[] = early.taps.splice(0);
  const end = performance.now() + FETCHED_WITHIN_MS;
  for (;;) {
    left = tapped(view, left);
    if (left.length === 0 || performance.now() > end) return left.map(({ name }) => name);
    await new Promise((resolve) => setTimeout(resolve, LOOKS_AGAIN_MS));
  }
}

/** Clicks what is there; gives back what is not. All are found before the first is done and goes. */
function tapped(view: HTMLElement, taps: readonly EarlyTap[]): EarlyTap[] {
  const named = (button: Element) => button.getAttribute("aria-label") ?? button.textContent.trim();
  const buttons = [...view.querySelectorAll("button")];
  const found = taps.map((tap) => ({
    tap,
    button: buttons.filter((one) => named(one) === tap.name)[tap.at],
  }));
  for (const { button } of found) button?.click();
  return found.flatMap(({ tap, button }) => (button ? [] : [tap]));
}
