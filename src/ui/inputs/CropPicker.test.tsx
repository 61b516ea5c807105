/** @jest-environment jsdom */
import { fireEvent, render, screen } from "@testing-library/react";
import { cropLibrary } from "@/core/crops";
import { ui as say } from "@/words/en/ui";
import { CropPicker } from "./CropPicker";

function picker() {
  const chosen: string[] = [];
  render(
    <CropPicker
      crops={cropLibrary}
      cropId=""
      varietyId=""
      onChange={(cropId, varietyId) => chosen.push(`${cropId} ${varietyId}`)}
    />,
  );
  const field = screen.getByRole("combobox", { name: say.crop });
  fireEvent.focus(field);
  return {
    chosen,
    type: (text: string) => fireEvent.change(field, { target: { value: text } }),
    field,
  };
}

test("a crop is found by another name, which stands beside it, and chosen by keys", () => {
  const { chosen, type, field } = picker();
  type("courgette");
  expect(screen.getAllByRole("option")[0]?.textContent).toBe("Summer squashcourgette");
  fireEvent.keyDown(field, { key: "ArrowDown" });
  fireEvent.keyDown(field, { key: "Enter" });
  expect(chosen).toHaveLength(1);
  expect(chosen[0]).toMatch(/^summer-squash \S+$/);
});

test("what nobody calls a crop leads to making one's own, also when the field is left for it", () => {
  const { type, field } = picker();
  type("blorfenheim");
  const way = { name: say.makeYourOwnFromASimilarOne };
  expect(screen.getByRole("link", way).getAttribute("href")).toBe("/seedlings?part=crops");
  fireEvent.blur(field);
  expect(screen.getByRole("link", way)).toBeTruthy();
  type("kale");
  expect(screen.queryByRole("link", way)).toBeNull();
});
