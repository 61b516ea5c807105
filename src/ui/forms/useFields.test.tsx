/** @jest-environment jsdom */
import { act, fireEvent, render, screen } from "@testing-library/react";
import { z } from "zod";
import { amount, NumberField, useFields, WordsField } from "./index";

const Schema = z.object({
  name: z.string().min(1, "Give it a name."),
  lengthM: amount("Say how long it is."),
});
type Fields = z.infer<typeof Schema>;

const kept: Fields[] = [];

function Form({ values }: { values: Fields }) {
  const form = useFields(Schema, values);
  return (
    <form
      onSubmit={(event) =>
        void form.handleSubmit((fields) => {
          kept.push(fields);
          form.settle(fields);
        })(event)
      }
    >
      <WordsField control={form.control} name="name" label="Name" />
      <NumberField control={form.control} name="lengthM" label="Length" />
      <button type="submit">Keep</button>
    </form>
  );
}

const field = (name: string) => screen.getByRole<HTMLInputElement>("textbox", { name });
const type = (name: string, value: string) => fireEvent.change(field(name), { target: { value } });
const keep = () => act(async () => void fireEvent.click(screen.getByRole("button")));

test("what is half typed stays when its garden changes, and what nobody touched follows", async () => {
  const { rerender } = render(<Form values={{ name: "Bed 1", lengthM: 8 }} />);
  type("Name", "By the ga");
  await act(async () => rerender(<Form values={{ name: "Bed 1", lengthM: 9.5 }} />));
  expect(field("Name").value).toBe("By the ga");
  expect(field("Length").value).toBe("9.5");
});

test("once it is kept, undo brings back what was there before", async () => {
  const { rerender } = render(<Form values={{ name: "Bed 1", lengthM: 8 }} />);
  type("Length", "7,5");
  await keep();
  expect(kept.at(-1)).toEqual({ name: "Bed 1", lengthM: 7.5 });
  await act(async () => rerender(<Form values={{ name: "Bed 1", lengthM: 7.5 }} />));
  await act(async () => rerender(<Form values={{ name: "Bed 1", lengthM: 8 }} />));
  expect(field("Length").value).toBe("8");
});

test("what may not stand in a field is told under it, and nothing is kept", async () => {
  const before = kept.length;
  render(<Form values={{ name: "Bed 1", lengthM: 8 }} />);
  type("Length", "");
  type("Name", "");
  await keep();
  expect(kept).toHaveLength(before);
  expect(screen.getByText("Say how long it is.")).toBeTruthy();
  expect(field("Name").getAttribute("aria-invalid")).toBe("true");
});
