/** @jest-environment jsdom */
import { act, fireEvent, render, screen } from "@testing-library/react";
import { z } from "zod";
import {
  amount,
  maybeAmount,
  NumberField,
  readable,
  useFields,
  useKeptFields,
  WordsField,
} from "./index";

const Schema = z.object({
  name: z.string().min(1, "Give it a name."),
  lengthM: amount("Enter its length."),
  rowM: maybeAmount,
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
      <NumberField control={form.control} name="rowM" label="Rows" />
      <button type="submit">Keep</button>
    </form>
  );
}

const field = (name: string) => screen.getByRole<HTMLInputElement>("textbox", { name });
const type = (name: string, value: string) => fireEvent.change(field(name), { target: { value } });
const keep = () => act(async () => void fireEvent.click(screen.getByRole("button")));

test("what is half typed stays when its garden changes, and what nobody touched follows", async () => {
  const { rerender } = render(<Form values={{ name: "Bed 1", lengthM: 8, rowM: NaN }} />);
  type("Name", "By the ga");
  await act(async () => rerender(<Form values={{ name: "Bed 1", lengthM: 9.5, rowM: NaN }} />));
  expect(field("Name").value).toBe("By the ga");
  expect(field("Length").value).toBe("9.5");
});

test("once it is kept, undo brings back what was there before", async () => {
  const { rerender } = render(<Form values={{ name: "Bed 1", lengthM: 8, rowM: NaN }} />);
  type("Length", "7,5");
  await keep();
  expect(kept.at(-1)).toEqual({ name: "Bed 1", lengthM: 7.5, rowM: NaN });
  await act(async () => rerender(<Form values={{ name: "Bed 1", lengthM: 7.5, rowM: NaN }} />));
  await act(async () => rerender(<Form values={{ name: "Bed 1", lengthM: 8, rowM: NaN }} />));
  expect(field("Length").value).toBe("8");
});

test("words where a number belongs stay to be put right, and are told; nothing is kept as if empty", async () => {
  const before = kept.length;
  render(<Form values={{ name: "Bed 1", lengthM: 8, rowM: NaN }} />);
  type("Rows", "two feet or so");
  fireEvent.blur(field("Rows"));
  await keep();
  expect(kept).toHaveLength(before);
  expect(field("Rows").value).toBe("two feet or so");
  expect(screen.getByText(/Enter a number/)).toBeTruthy();
  type("Rows", " −0,5 ");
  await keep();
  expect(kept.at(-1)?.rowM).toBe(-0.5);
});

test("while it is typed, what is no number counts as nothing", async () => {
  const seen: number[] = [];
  function Live() {
    const form = useFields(Schema, { name: "Bed 1", lengthM: 8, rowM: 2 });
    seen.push(readable(form.watch()).rowM);
    return <NumberField control={form.control} name="rowM" label="Rows" />;
  }
  render(<Live />);
  type("Rows", "two");
  expect(seen.at(-1)).toBeNaN();
  type("Rows", "0.4");
  expect(seen.at(-1)).toBe(0.4);
});

test("what is wrong with a field and put right in another is no longer told", async () => {
  const Span = z
    .object({ low: amount("Give a low."), high: amount("Give a high.") })
    .refine(({ low, high }) => low <= high, {
      path: ["low"],
      message: "The low is above the high.",
    });
  function Pair() {
    const { control } = useFields(Span, { low: 2, high: 5 }, "asTyped");
    return (
      <>
        <NumberField control={control} name="low" label="Low" />
        <NumberField control={control} name="high" label="High" />
      </>
    );
  }
  render(<Pair />);
  await act(async () => type("Low", "9"));
  expect(screen.getByText("The low is above the high.")).toBeTruthy();
  await act(async () => type("High", "12"));
  expect(screen.queryByText("The low is above the high.")).toBeNull();
});

test("a field that keeps itself does so when left, tells a refusal under it, and follows undo after", async () => {
  const told: number[] = [];
  function Setting({ days }: { days: number }) {
    const { field } = useKeptFields(
      z.object({ days: amount("Say how many days.") }),
      { days },
      async (_name, fields) => {
        told.push(fields.days);
        return fields.days > 60 ? "At most 60 days." : null;
      },
    );
    return <NumberField {...field("days")} label="Days" />;
  }
  const { rerender } = render(<Setting days={14} />);
  const leave = async (value: string) => {
    type("Days", value);
    await act(async () => fireEvent.blur(field("Days")));
  };
  await leave("14");
  await leave("");
  expect(told).toEqual([]);
  expect(screen.getByText("Say how many days.")).toBeTruthy();
  await leave("99");
  expect(screen.getByText("At most 60 days.")).toBeTruthy();
  type("Days", "21");
  await act(async () => void fireEvent.keyDown(field("Days"), { key: "Enter" }));
  expect(told).toEqual([99, 21]);
  expect(screen.queryByText("At most 60 days.")).toBeNull();
  await act(async () => rerender(<Setting days={21} />));
  await act(async () => rerender(<Setting days={14} />));
  expect(field("Days").value).toBe("14");
});

test("what may not stand in a field is told under it, and nothing is kept", async () => {
  const before = kept.length;
  render(<Form values={{ name: "Bed 1", lengthM: 8, rowM: NaN }} />);
  type("Length", "");
  type("Name", "");
  await keep();
  expect(kept).toHaveLength(before);
  expect(screen.getByText("Enter its length.")).toBeTruthy();
  expect(field("Name").getAttribute("aria-invalid")).toBe("true");
});
