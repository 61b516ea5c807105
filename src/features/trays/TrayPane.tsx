"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import Link from "next/link";
import { useMemo, useState } from "react";
import { isoDate } from "@/core/calendar";
import { cropsOf } from "@/core/garden";
import { sowingStates } from "@/core/propagation";
import { cellCount, freeCells, lookAlikesIn, standOn, type Tray } from "@/core/trays";
import { lazyPart } from "@/ui/frame/index";
import { setView } from "@/ui/viewState";
import type { SectionProps } from "@/ui/section";
import { send } from "@/ui/send";
import { SowingPane } from "./SowingPane";
import { trayAgain as again } from "@/words/en/trayAgain";
import { trays as say } from "@/words/en/trays";
import { useWording } from "@/ui/wording";

const SowDialog = lazyPart(() => import("./SowDialog"));

interface Props extends SectionProps {
  tray: Tray;
}

/** One tray: where it stands, what is in it, and what can be done with it. */
export default function TrayPane(props: Props) {
  const wording = useWording();
  const { garden, site, tray, today } = props;
  const [sowing, setSowing] = useState(false);
  const states = useMemo(
    () => sowingStates(garden, site, today).filter((state) => state.tray.id === tray.id),
    [garden, site, today, tray.id],
  );
  const crops = cropsOf(garden);
  const alike = lookAlikesIn(tray, (id) => crops.get(id));
  const free = freeCells(tray).length;
  const remove = async () => {
    setView({ selectedTrayId: null });
    await send("tray.remove", { id: tray.id }, say.removed({ name: tray.name }));
  };
  return (
    <>
      <Box sx={{ fontSize: 13.5, color: "var(--ash-text)", pr: 4 }}>
        {say.cellsOfFree({
          cellCount: cellCount(tray),
          volume: wording.volumeL(tray.cellMl / 1000),
          free,
        })}
      </Box>
      <Typography variant="h2">{tray.name}</Typography>
      <TextField
        select
        size="small"
        label={say.location}
        fullWidth
        value={standOn(tray, isoDate(today)) ?? ""}
        onChange={(event) =>
          void send(
            "tray.move",
            { id: tray.id, standId: event.target.value || null, from: isoDate(today) },
            say.moved2({ tray: tray.name }),
          )
        }
        slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
        sx={{ mt: 1.5 }}
      >
        {[...garden.stands.values()].map((stand) => (
          <MenuItem key={stand.id} value={stand.id}>
            {stand.name}
          </MenuItem>
        ))}
        <MenuItem value="">{say.inStorage2}</MenuItem>
      </TextField>
      <Button component={Link} href="/seedlings/labels" size="small" color="inherit" sx={{ mt: 1 }}>
        {again.labelsOfThisTray}
      </Button>
      {alike.map(({ first, second, kind }) => (
        <Box
          key={`${first.id} ${second.id}`}
          role="note"
          sx={{
            mt: 1.5,
            p: 1,
            borderLeft: "4px solid var(--ember)",
            bgcolor: "var(--selected)",
            fontSize: 14,
          }}
        >
          <b>
            {crops.get(first.cropId)?.name} {say.and} {crops.get(second.cropId)?.name.toLowerCase()}
          </b>{" "}
          {say.areNextToEachOtherAndLookAlike({ kind })}
        </Box>
      ))}
      {states.map((state) => (
        <SowingPane key={state.sowing.id} {...props} state={state} />
      ))}
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1, mt: 2.5 }}>
        <Button
          variant="contained"
          color="secondary"
          disabled={free === 0}
          onClick={() => setSowing(true)}
        >
          {say.sow}
        </Button>
        <Button color="inherit" variant="outlined" onClick={() => void remove()}>
          {say.removeTray}
        </Button>
      </Box>
      {sowing && <SowDialog {...props} raising={null} onClose={() => setSowing(false)} />}
    </>
  );
}
