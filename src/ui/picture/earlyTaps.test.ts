/** @jest-environment jsdom */
import { takeEarlyTaps } from "./earlyTaps";

test("each tap goes to the button of its name and place, once; what comes late is waited for, what is gone told", async () => {
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
  expect(await takeEarlyTaps(view)).toEqual([]);
  window.lateEmberEarly = {
    taps: [
      { name: "In three days", at: 0 },
      { name: "In three days", at: 1 },
      { name: "Done: Sow spinach", at: 0 },
      { name: "Done: Pick kale", at: 0 },
      { name: "Save a file", at: 0 },
    ],
    scrolledPx: () => 120,
  };
  const taking = takeEarlyTaps(view);
  expect(heard).toEqual(["1", "2", "0"]);
  const notice = document.createElement("button");
  notice.textContent = "Save a file";
  notice.addEventListener("click", () => heard.push("notice"));
  view.prepend(notice);
  expect(await taking).toEqual(["Done: Pick kale"]);
  expect(view.querySelector("[role=region]")?.scrollTop).toBe(120);
  expect(await takeEarlyTaps(view)).toEqual([]);
  expect(heard).toEqual(["1", "2", "0", "notice"]);
});
