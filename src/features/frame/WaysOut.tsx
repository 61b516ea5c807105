"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import type { WayOut } from "@/core/commands";
import { gardenStore } from "@/store";
import { tell, tellRefusal } from "@/ui/viewState";

interface Props {
  ways: readonly WayOut[];
  /** Called when one was taken. */
  onTaken?: () => void;
}

/** Other ways to what was refused, each taken with a tap. */
export function WaysOut({ ways, onTaken }: Props) {
  if (ways.length === 0) return null;
  const take = async ({ words, command }: WayOut) => {
    const done = await gardenStore().dispatch(command.name, command.input);
    if (!done.ok) return tellRefusal(done);
    onTaken?.();
    tell(`Done: ${words}.`, "done", true);
  };
  return (
    <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1, mt: 1 }}>
      {ways.map((way) => (
        <Button
          key={way.words}
          size="small"
          color="inherit"
          variant="outlined"
          onClick={() => void take(way)}
        >
          {way.words}
        </Button>
      ))}
    </Box>
  );
}
