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
          fontSize: 12,
          fontWeight: 700,
          lineHeight: "16px",
          width: 18,
          height: 18,
          p: 0,
          ml: 0.75,
          borderRadius: "50%",
          border: "1px solid var(--ash-text)",
          color: "var(--ash-text)",
          bgcolor: "transparent",
          cursor: "pointer",
          verticalAlign: "middle",
          position: "relative",
          // A finger needs more than is drawn.
          "&::after": { content: '""', position: "absolute", inset: -13 },
          "&:focus-visible": { outline: "3px solid var(--ember)", outlineOffset: 1 },
        }}
      >
        ?
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
