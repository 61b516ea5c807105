"use client";

import Box from "@mui/material/Box";
import { useState } from "react";
import { termNames, type TermName } from "@/words/en/terms";
import { ui as say } from "@/words/en/ui";
import { lazyPart } from "./lazyPart";

const Meaning = lazyPart(() => import("./Meaning"));

/** A mark beside a term that is ours: opens what it means, by finger, pointer or keys. */
export function HelpMark({ term }: { term: TermName }) {
  const [at, setAt] = useState<HTMLElement | null>(null);
  return (
    <>
      <Box
        component="button"
        type="button"
        aria-label={say.whatDoesMean({ name: termNames[term] })}
        aria-expanded={at !== null}
        aria-haspopup="dialog"
        onClick={(event: React.MouseEvent<HTMLElement>) => setAt(event.currentTarget)}
        sx={{
          font: "inherit",
          display: "inline-grid",
          placeItems: "center",
          // As large as a finger, in the room of a letter.
          width: 44,
          height: 44,
          m: "-13px -10px -13px -4px",
          p: 0,
          border: 0,
          bgcolor: "transparent",
          color: "var(--ash-text)",
          cursor: "pointer",
          verticalAlign: "middle",
          "&:focus-visible": { outline: "none" },
          "&:focus-visible > span": { outline: "3px solid var(--ember)", outlineOffset: 1 },
        }}
      >
        <Box
          component="span"
          aria-hidden
          sx={{
            fontSize: 12,
            fontWeight: 700,
            lineHeight: "16px",
            width: 18,
            height: 18,
            borderRadius: "50%",
            border: "1px solid currentColor",
          }}
        >
          ?
        </Box>
      </Box>
      {at && <Meaning term={term} at={at} onClose={() => setAt(null)} />}
    </>
  );
}
