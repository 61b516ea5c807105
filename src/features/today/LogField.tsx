"use client";

import EditIcon from "@mui/icons-material/EditNoteOutlined";
import Box from "@mui/material/Box";
import { memo } from "react";
import { setView } from "@/ui/viewState";
import { useWording } from "@/ui/wording";
import { today as say } from "@/words/en/today";

/** The way into the log: looks like the line that it opens. */
export const LogField = memo(function LogField() {
  const wording = useWording();
  return (
    <Box
      component="button"
      type="button"
      onClick={() => setView({ logging: "" })}
      sx={{
        width: "100%",
        minHeight: 52,
        display: "flex",
        alignItems: "center",
        gap: 1,
        px: 1.5,
        textAlign: "left",
        font: "inherit",
        fontSize: 16,
        color: "var(--text)",
        bgcolor: "var(--surface)",
        border: "1.5px solid var(--ash)",
        borderRadius: "4px",
        cursor: "text",
        "&:focus-visible": { outline: "3px solid var(--ember)", outlineOffset: 1 },
      }}
    >
      <EditIcon aria-hidden sx={{ color: "var(--ember-text)" }} />
      <span>
        {say.logSomething}{" "}
        <Box component="span" sx={{ color: "var(--ash-text)" }}>
          {say.kale({ picking: wording.examplePicking })}
        </Box>
      </span>
    </Box>
  );
});
