"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Popover from "@mui/material/Popover";
import { useId } from "react";
import { help as helpSay } from "@/words/en/help";
import { meanings } from "@/words/en/meanings";
import { setView } from "../viewState";
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
      <Button
        size="small"
        sx={{ mt: 0.5, ml: -0.75 }}
        onClick={() => {
          onClose();
          setView({ helping: "terms" });
        }}
      >
        {helpSay.allTerms}
      </Button>
    </Popover>
  );
}
