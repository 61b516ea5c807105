"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import type { WayOut } from "@/core/commands";
import { told } from "../wording";

interface Props {
  ways: readonly WayOut[];
  onTake: (way: WayOut) => void;
}

/** Other ways to what was refused, each taken with a tap. */
export function WaysOut({ ways, onTake }: Props) {
  if (ways.length === 0) return null;
  return (
    <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1, mt: 1 }}>
      {ways.map((way) => (
        <Button
          key={way.words.code}
          size="small"
          color="inherit"
          variant="outlined"
          onClick={() => onTake(way)}
        >
          {told(way.words)}
        </Button>
      ))}
    </Box>
  );
}
