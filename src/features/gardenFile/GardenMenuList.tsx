"use client";

import Divider from "@mui/material/Divider";
import Menu from "@mui/material/Menu";
import MenuItem from "@mui/material/MenuItem";
import type { Garden } from "@/core/garden";
import { setView } from "@/ui/viewState";
import {
  saveBedsMap,
  saveCalendarFile,
  saveGardenFile,
  savePlantingsTable,
  saveTasksTable,
} from "./gardenFiles";
import { chooseBedsMap, chooseGardenFile, loadDemoGarden, startAfresh } from "./gardenTaken";

interface Props {
  anchor: HTMLElement;
  garden: Garden;
  onClose: () => void;
  onRename: () => void;
}

/** The entries of the garden's menu; loaded when it is opened. */
export default function GardenMenuList({ anchor, garden, onClose, onRename }: Props) {
  const choose = (act: () => void) => () => {
    onClose();
    act();
  };
  const addBeds = () => setView({ addingBeds: true });
  return (
    <Menu anchorEl={anchor} open onClose={onClose}>
      <MenuItem onClick={choose(() => void saveCalendarFile(garden))}>
        Calendar for the phone (.ics)
      </MenuItem>
      <MenuItem onClick={choose(() => void savePlantingsTable(garden))}>
        Plantings as a table (.csv)
      </MenuItem>
      <MenuItem onClick={choose(() => void saveTasksTable(garden))}>
        Tasks as a table (.csv)
      </MenuItem>
      <MenuItem onClick={choose(() => void saveBedsMap(garden))}>Beds for maps (.geojson)</MenuItem>
      <Divider />
      <MenuItem onClick={choose(() => void saveGardenFile(garden))}>Save garden as a file</MenuItem>
      <MenuItem onClick={choose(chooseGardenFile)}>Import a garden file…</MenuItem>
      <MenuItem onClick={choose(chooseBedsMap)}>Take beds from a map (.geojson)…</MenuItem>
      <MenuItem onClick={choose(() => void loadDemoGarden())}>Load the demo garden</MenuItem>
      <MenuItem onClick={choose(() => void startAfresh())}>Start with an empty garden</MenuItem>
      <Divider />
      <MenuItem onClick={choose(addBeds)}>Add beds…</MenuItem>
      <MenuItem onClick={choose(onRename)}>Rename…</MenuItem>
    </Menu>
  );
}
