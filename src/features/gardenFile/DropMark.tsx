"use client";

import Box from "@mui/material/Box";
import { keeping as say } from "@/words/en/keeping";

/** Lies over the page while a file is held over it. */
export default function DropMark() {
  return (
    <Box
      role="status"
      sx={{
        position: "fixed",
        inset: 12,
        zIndex: "tooltip",
        display: "grid",
        placeItems: "center",
        fontSize: 22,
        fontWeight: 600,
        pointerEvents: "none",
        borderRadius: 2,
        border: "3px dashed var(--ember)",
        bgcolor: "color-mix(in srgb, var(--paper) 85%, transparent)",
      }}
    >
      {say.dropHere}
    </Box>
  );
}
