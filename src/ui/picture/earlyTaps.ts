import type { EarlyPage } from "./keptPicture";

declare global {
  interface Window {
    lateEmberEarly?: EarlyPage;
  }
}

/**
 * Does what was tapped in the picture, now that the view is there: each tap on the button of the same name.
 *
 * @param view where the buttons are
 * @returns names of buttons that are not there any more
 */
export function takeEarlyTaps(view: HTMLElement): string[] {
  const early = window.lateEmberEarly;
  if (!early) return [];
  const scrolledPx = early.scrolledPx();
  const screen = view.querySelector("[role=region]");
  if (screen && scrolledPx > 0) screen.scrollTop = scrolledPx;
  const named = (button: Element) => button.getAttribute("aria-label") ?? button.textContent.trim();
  // All are found before the first is done: what is done goes from the list.
  const buttons = [...view.querySelectorAll("button")];
  const found = early.taps
    .splice(0)
    .map(({ name, at }) => ({ name, button: buttons.filter((one) => named(one) === name)[at] }));
  for (const { button } of found) button?.click();
  return found.flatMap(({ name, button }) => (button ? [] : [name]));
}
