"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Switch from "@mui/material/Switch";
import { useState } from "react";
import type { DayNumber } from "@/core/calendar";
import type { LearnedNumber } from "@/core/learn";
import { told, useWording } from "@/ui/wording";
import { numbers as say } from "@/words/en/numbers";
import { NumberGauge } from "./NumberGauge";
import {
  amountWords,
  ODD_BELOW,
  percentWords,
  restsOnWords,
  seenWords,
  takenAmount,
} from "./numberWords";

interface Props {
  number: LearnedNumber;
  name: string;
  today: DayNumber;
  onUse: (used: boolean) => void;
  onTakeNewer: () => void;
}

/** Moved by less than this since it was taken over, a number is told as the same. */
const SAME_SHARE = 0.03;
const SAME_C = 0.2;
/** So many entries are told at first. */
const TOLD_AT_ONCE = 12;

/** One number: the library's, one's own, how far it counts, its switch, and what it rests on. */
export function NumberRow({ number, name, today, onUse, onTakeNewer }: Props) {
  const wording = useWording();
  const [open, setOpen] = useState(false);
  const [most, setMost] = useState(TOLD_AT_ONCE);
  const { seen, used, weight, joined, library, own, low, high } = number;
  const amount = (value: number) => amountWords(number, value, wording);
  const warning = restsOnWords(number);
  const inUse = used && number.taken ? takenAmount(number) : joined;
  const isDegrees = number.unit === "degrees";
  const isNewer =
    used &&
    number.taken !== null &&
    number.what !== "degrees" &&
    (isDegrees ? Math.abs(joined - inUse) > SAME_C : Math.abs(joined / inUse - 1) > SAME_SHARE);
  const listId = `${number.id}-entries`;
  return (
    <Box component="li" sx={{ py: 0.75, borderBottom: "1px solid var(--line)" }}>
      <Box
        sx={{
          display: "grid",
          gridTemplateColumns: {
            xs: "auto 1fr",
            sm: "auto minmax(150px, 1fr) 220px minmax(210px, 1.4fr)",
          },
          columnGap: 1.5,
          alignItems: "center",
        }}
      >
        <Switch
          checked={used}
          onChange={(event) => onUse(event.target.checked)}
          slotProps={{ input: { "aria-label": say.use({ name }) } }}
        />
        <Box>
          <Box sx={{ fontSize: 16, fontWeight: 600 }}>{name}</Box>
          <Box
            component="button"
            type="button"
            aria-expanded={open}
            aria-controls={listId}
            aria-label={`${say.entries({ count: seen.length })}: ${say.showEntries({ name })}`}
            onClick={() => setOpen(!open)}
            sx={{
              all: "unset",
              cursor: "pointer",
              fontSize: 14.5,
              color: "var(--ember-text)",
              textDecoration: "underline",
              "@media (pointer: coarse)": {
                minHeight: 44,
                display: "inline-flex",
                alignItems: "center",
              },
              "&:focus-visible": { outline: "2px solid var(--ember)" },
            }}
          >
            {say.entries({ count: seen.length })}
          </Box>
        </Box>
        <Box sx={{ gridColumn: { xs: 2, sm: "auto" } }}>
          <NumberGauge number={number} />
        </Box>
        <Box sx={{ gridColumn: { xs: 2, sm: "auto" }, fontSize: 15, lineHeight: 1.35 }}>
          <Box
            component="span"
            sx={{ fontSize: 17, fontWeight: 700, color: used ? "var(--ember-text)" : undefined }}
          >
            {amount(inUse)}
          </Box>{" "}
          <Box component="span" sx={{ color: "var(--ash-text)" }}>
            {used ? say.inUse : null}
          </Box>
          <Box sx={{ color: "var(--ash-text)" }}>
            {[
              number.what === "degrees" ? null : say.library({ number: amount(library) }),
              say.counts({ percent: percentWords(weight, wording) }),
            ]
              .filter((part) => part !== null)
              .join(", ")}
          </Box>
        </Box>
      </Box>
      {isNewer && (
        <Box
          sx={{
            ml: { sm: 7.5 },
            mt: 0.5,
            fontSize: 15,
            display: "flex",
            flexWrap: "wrap",
            gap: 1,
            alignItems: "center",
          }}
        >
          {say.newer({ number: amount(joined), taken: amount(inUse) })}
          <Button size="small" variant="outlined" onClick={onTakeNewer}>
            {say.takeNewer}
          </Button>
        </Box>
      )}
      {warning !== null && (
        <Box sx={{ ml: { sm: 7.5 }, fontSize: 14.5, color: "var(--ash-text)" }}>{warning}</Box>
      )}
      {open && (
        <Box id={listId} sx={{ ml: { sm: 7.5 }, mt: 0.5 }}>
          <Box sx={{ fontSize: 14.5, color: "var(--ash-text)" }}>
            {say.likely({ low: amount(low), high: amount(high) })};{" "}
            {say.ownAlone({ number: amount(own) })}
          </Box>
          <Box component="ul" sx={{ m: 0, pl: 2.5, fontSize: 15, lineHeight: 1.5 }}>
            {seen.slice(0, most).map((one) => (
              <li key={`${one.plantingId ?? one.name}-${one.day}`}>
                {[one.name, told(one.place)]
                  .filter((part, at, all) => all.indexOf(part) === at)
                  .join(", ")}
                , {wording.date(one.day, today)}: {seenWords(one, wording)}
                {one.counts < ODD_BELOW && ` (${say.odd})`}
              </li>
            ))}
          </Box>
          {seen.length > most && (
            <Button size="small" color="inherit" onClick={() => setMost(seen.length)}>
              {say.entries({ count: seen.length })}
            </Button>
          )}
        </Box>
      )}
    </Box>
  );
}
