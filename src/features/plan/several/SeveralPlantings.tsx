"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useTheme } from "@mui/material/styles";
import useMediaQuery from "@mui/material/useMediaQuery";
import { useEffect } from "react";
import type { CommandCall } from "@/core/commands";
import { DAYS_PER_WEEK } from "@/core/calendar";
import { fact } from "@/core/facts";
import type { Garden } from "@/core/garden";
import { gardenStore } from "@/store";
import { tell, tellRefusal } from "@/ui/viewState";
import { severalPlantings as say } from "@/words/en/severalPlantings";

interface Props {
  garden: Garden;
  /** Ids of the plantings that are chosen. */
  chosen: ReadonlySet<string>;
  onStop: () => void;
}

const STEPS = [-DAYS_PER_WEEK, -1, 1, DAYS_PER_WEEK] as const;

/** What is done with the plantings that are chosen: sown earlier or later, or taken out of the plan. */
export default function SeveralPlantings({ garden, chosen, onStop }: Props) {
  const isNarrow = useMediaQuery(useTheme().breakpoints.down("sm"));
  const ids = [...chosen].filter((id) => garden.plantings.has(id));
  const none = ids.length === 0;
  useEffect(() => {
    const leave = (event: KeyboardEvent) => {
      if (event.key === "Escape" && !event.defaultPrevented) onStop();
    };
    window.addEventListener("keydown", leave);
    return () => window.removeEventListener("keydown", leave);
  }, [onStop]);
  const shift = async (days: number) => {
    const { plantings } = gardenStore().getState().garden;
    const done = await gardenStore().dispatch("planting.shift", { ids, days });
    if (!done.ok) return tellRefusal(done);
    const now = gardenStore().getState().garden.plantings;
    const moved = ids.filter((id) => now.get(id)?.sowOn !== plantings.get(id)?.sowOn).length;
    tell(say.moved({ moved, stayed: ids.length - moved, days }), "done", true);
  };
  const remove = async () => {
    const calls = ids.map((id): CommandCall => ({ name: "planting.remove", input: { id } }));
    const label = fact("commands.removingPlantings", { count: ids.length });
    const done = await gardenStore().dispatchAll(calls, label);
    if (!done.ok) return tellRefusal(done);
    onStop();
    tell(say.removed({ count: ids.length }), "done", true);
  };
  return (
    <Box
      role="toolbar"
      aria-label={say.withThem}
      sx={{
        display: "flex",
        flexWrap: "wrap",
        gap: { xs: 0.75, md: 1 },
        alignItems: "center",
        px: { xs: 1, md: 2 },
        py: 1,
        bgcolor: "var(--surface)",
        borderTop: "2px solid var(--moss)",
      }}
    >
      <Box
        role="status"
        sx={{ fontSize: 15, fontWeight: 600, mr: 1, width: { xs: "100%", md: "auto" } }}
      >
        {none ? say.tapToSelect : say.selected({ count: ids.length })}
      </Box>
      {STEPS.map((days) => (
        <Button
          key={days}
          variant="outlined"
          color="inherit"
          disabled={none}
          aria-label={say.by({ days })}
          onClick={() => void shift(days)}
        >
          {isNarrow ? say.signed({ days }) : say.by({ days })}
        </Button>
      ))}
      <Button variant="outlined" color="inherit" disabled={none} onClick={() => void remove()}>
        {say.remove}
      </Button>
      <Button color="inherit" onClick={onStop}>
        {say.stop}
      </Button>
    </Box>
  );
}
