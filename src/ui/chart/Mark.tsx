import Box from "@mui/material/Box";
import type { ReactNode } from "react";

/** A mark of a drawing, 18 by 18 px, with what it means. */
export function Mark({ words, children }: { words: string; children: ReactNode }) {
  return (
    <Box sx={{ display: "flex", gap: 0.75, alignItems: "center" }}>
      <svg width="18" height="18" aria-hidden>
        {children}
      </svg>
      {words}
    </Box>
  );
}
