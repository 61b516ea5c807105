"use client";

import Box from "@mui/material/Box";
import Popover from "@mui/material/Popover";
import { useId, useState } from "react";
import { terms, type TermName } from "@/words/en/terms";
import { ui as say } from "@/words/en/ui";

/** A mark beside a term that is ours: opens what it means, by finger, pointer or keys. */
export function HelpMark({ term }: { term: TermName }) {
  const [at, setAt] = useState<HTMLElement | null>(null);
  const id = useId();
  const name = terms[term];
  return (
    <>
      <Box
        component="button"
        type="button"
        aria-label={say.whatDoesMean({ name })}
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
      <Popover
        open={at !== null}
        anchorEl={at}
        onClose={() => setAt(null)}
        anchorOrigin={{ vertical: "bottom", horizontal: "left" }}
        slotProps={{
          paper: { role: "dialog", "aria-labelledby": id, sx: { maxWidth: 340, p: 2 } },
        }}
      >
        <Box id={id} sx={{ fontWeight: 700, mb: 0.5 }}>
          {name}
        </Box>
        <Box sx={{ fontSize: 15, lineHeight: 1.45 }}>{terms[`${term}Means`]}</Box>
      </Popover>
    </>
  );
}
