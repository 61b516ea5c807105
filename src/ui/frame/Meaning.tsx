"use client";

import Box from "@mui/material/Box";
import Popover from "@mui/material/Popover";
import { useId } from "react";
import { meanings } from "@/words/en/meanings";
import { termNames, type TermName } from "@/words/en/terms";

interface Props {
  term: TermName;
  at: HTMLElement;
  onClose: () => void;
}

/** What a term means, beside its mark. */
export default function Meaning({ term, at, onClose }: Props) {
  const id = useId();
  return (
    <Popover
      open
      anchorEl={at}
      onClose={onClose}
      anchorOrigin={{ vertical: "bottom", horizontal: "left" }}
      slotProps={{
        paper: { role: "dialog", "aria-labelledby": id, sx: { maxWidth: 340, p: 2 } },
      }}
    >
      <Box id={id} sx={{ fontWeight: 700, mb: 0.5 }}>
        {termNames[term]}
      </Box>
      <Box sx={{ fontSize: 15, lineHeight: 1.45 }}>{meanings[term]}</Box>
    </Popover>
  );
}
