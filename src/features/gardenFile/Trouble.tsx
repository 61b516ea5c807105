"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useEffect, useRef } from "react";
import { gardenStore, isMissingPart, MISSING_PART } from "@/store/index";
import { ReloadButton } from "@/ui/frame/index";
import { saveEverything } from "./saveEverything";
import { gardenFile as say } from "@/words/en/gardenFile";

interface Props {
  error: unknown;
  /** Draws what failed once more. */
  onAgain: () => void;
}

/**
 * Stands where a view, or the whole page, could not be drawn. When something that is kept does not
 * read, it is set aside and the view is drawn without it; what is kept can be saved in any case.
 */
export default function Trouble({ error, onAgain }: Props) {
  const missing = isMissingPart(error);
  const looked = useRef(false);
  useEffect(() => {
    if (missing || looked.current) return;
    looked.current = true;
    void gardenStore()
      .setAsideDamaged()
      .then((found) => {
        if (found) onAgain();
      });
  }, [missing, onAgain]);
  return (
    <Box role="alert" sx={{ maxWidth: 620, px: { xs: 2, md: 2.75 }, py: 3, fontSize: 17 }}>
      <Typography variant="h1">{say.thisCouldNotBeShown}</Typography>
      <Box sx={{ mt: 1.5, lineHeight: 1.5 }}>
        {missing ? MISSING_PART : say.somethingWentWrongWhileDrawingThis}
      </Box>
      {!missing && (
        <Box sx={{ mt: 1.5, fontSize: 14.5, color: "var(--ash-text)", overflowWrap: "anywhere" }}>
          {errorWords(error)}
        </Box>
      )}
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1.5, mt: 2.5 }}>
        <Button variant="contained" size="large" onClick={onAgain}>
          {say.tryAgain}
        </Button>
        <Button variant="outlined" size="large" onClick={() => void saveEverything()}>
          {say.saveEverythingAsAFile}
        </Button>
        <ReloadButton size="large" color="inherit" />
      </Box>
    </Box>
  );
}

const MOST_LETTERS = 300;

function errorWords(error: unknown): string {
  const { message } = (error ?? {}) as { message?: unknown };
  return String(message ?? error).slice(0, MOST_LETTERS);
}
