import type { Locator, Page } from "@playwright/test";

/** A phone as the browser knows it: fingers instead of a pointer. */
export const PHONE = {
  viewport: { width: 390, height: 844 },
  hasTouch: true,
  isMobile: true,
} as const;

interface Point {
  x: number;
  y: number;
}

const STEPS = 12;
const RESTS_MS = 120;

/**
 * Drags a real finger over the screen. Unlike a synthetic pointer event this goes through the
 * browser's own handling of gestures, which may take the finger away to scroll.
 */
export async function touchDrag(page: Page, from: Point, to: Point): Promise<void> {
  const session = await page.context().newCDPSession(page);
  const touch = (type: string, points: Point[]) =>
    session.send("Input.dispatchTouchEvent", { type: type as "touchStart", touchPoints: points });
  await touch("touchStart", [from]);
  for (let step = 1; step <= STEPS; step += 1) {
    const share = step / STEPS;
    await touch("touchMove", [
      { x: from.x + (to.x - from.x) * share, y: from.y + (to.y - from.y) * share },
    ]);
    await page.waitForTimeout(16);
  }
  // A finger that rests before it lifts throws nothing: what is thrown goes on moving under the next tap.
  await page.waitForTimeout(RESTS_MS);
  await touch("touchMove", [to]);
  await touch("touchEnd", []);
  await session.detach();
}

/** The middle of something that is drawn. */
export async function middleOf(target: Locator): Promise<Point> {
  await target.scrollIntoViewIfNeeded();
  const box = await target.boundingBox();
  if (!box) throw new Error("It is not drawn.");
  return { x: box.x + box.width / 2, y: box.y + box.height / 2 };
}

/** Drags something by so many pixels. */
export async function dragBy(page: Page, target: Locator, dx: number, dy: number): Promise<void> {
  const from = await middleOf(target);
  await touchDrag(page, from, { x: from.x + dx, y: from.y + dy });
}
