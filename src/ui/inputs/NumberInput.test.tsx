/** @jest-environment jsdom */
import { fireEvent, render, screen } from "@testing-library/react";
import { useState } from "react";
import { NumberInput } from "./NumberInput";

function Field({ told }: { told: number[] }) {
  const [value, setValue] = useState(2);
  return (
    <NumberInput
      label="Length"
      value={value}
      onNumber={(next) => {
        told.push(next);
        setValue(next);
      }}
    />
  );
}

test("a decimal comma on its way stays as it is typed, and never becomes 75", () => {
  const told: number[] = [];
  render(<Field told={told} />);
  const field = screen.getByRole<HTMLInputElement>("textbox", { name: "Length" });
  for (const text of ["7", "7,", "7,5"]) {
    fireEvent.change(field, { target: { value: text } });
    expect(field.value).toBe(text);
  }
  expect(told).toEqual([7, 7, 7.5]);
  fireEvent.blur(field);
  expect(field.value).toBe("7.5");
  fireEvent.change(field, { target: { value: "" } });
  expect(told.at(-1)).toBeNaN();
  expect(field.value).toBe("");
});

test("a number that comes from elsewhere takes the place of what was typed", () => {
  const { rerender } = render(<NumberInput label="Length" value={2} onNumber={() => undefined} />);
  const field = screen.getByRole<HTMLInputElement>("textbox", { name: "Length" });
  fireEvent.change(field, { target: { value: "2.0" } });
  expect(field.value).toBe("2.0");
  rerender(<NumberInput label="Length" value={3} onNumber={() => undefined} />);
  expect(field.value).toBe("3");
});
