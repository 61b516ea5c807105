import { column } from "@/ui/table";
import { logbook as say } from "@/words/en/logbook";
import type { LogRow } from "./rows";

/** How wide each column stands; what is left goes to the last. */
export const COLUMN_WIDTHS: Readonly<Record<string, string | Record<string, number>>> = {
  day: { md: 104, lg: 124 },
  kind: { md: 100, lg: 124 },
  subject: "20%",
  place: "12%",
  amount: "13%",
  note: "auto",
};

/** What the logbook's table can be sorted by and show. */
export const LOG_COLUMNS = [
  column<LogRow>({
    id: "day",
    title: say.day,
    order: "day",
    value: (row) => row.day,
    alwaysShown: true,
  }),
  column<LogRow>({ id: "kind", title: say.item, order: "words", value: (row) => row.kind }),
  column<LogRow>({ id: "subject", title: say.crop, order: "words", value: (row) => row.subject }),
  column<LogRow>({ id: "place", title: say.where, order: "words", value: (row) => row.place }),
  column<LogRow>({ id: "amount", title: say.howMuch, order: "number", value: (row) => row.size }),
  column<LogRow>({ id: "note", title: say.note, order: "words", value: (row) => row.note }),
];
