/** @jest-environment jsdom */
import { takeEarlyTaps } from "./earlyTaps";

test("each tap goes to the button of its name and place, once; what is gone is told", () => {
  const view = document.createElement("main");
  view.innerHTML = `<div role="region">
    <button aria-label="Done: Sow spinach">✓</button>
    <button>In three days</button><button> In three days </button>
  </div>`;
  document.body.append(view);
  const heard: string[] = [];
  const buttons = [...view.querySelectorAll("button")];
  for (const [index, button] of buttons.entries()) {
    button.addEventListener("click", () => {
      heard.push(`${index}`);
      // What is done goes from the list at once.
      if (index === 1) button.remove();
    });
  }
  expect(takeEarlyTaps(view)).toEqual([]);
  window.lateEmberEarly = {
    taps: [
      { name: "In three days", at: 0 },
      { name: "In three days", at: 1 },
      { name: "Done: Sow spinach", at: 0 },
      { name: "Done: Pick kale", at: 0 },
    ],
    scrolledPx: () => 120,
  };
  expect(takeEarlyTaps(view)).toEqual(["Done: Pick kale"]);
  expect(heard).toEqual(["1", "2", "0"]);
  expect(view.querySelector("[role=region]")?.scrollTop).toBe(120);
  expect(takeEarlyTaps(view)).toEqual([]);
  expect(heard).toHaveLength(3);
});
