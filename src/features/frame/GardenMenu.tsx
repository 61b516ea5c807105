"use client";

import ExpandMoreIcon from "@mui/icons-material/ExpandMore";
import Button from "@mui/material/Button";
import Divider from "@mui/material/Divider";
import Menu from "@mui/material/Menu";
import MenuItem from "@mui/material/MenuItem";
import { useState } from "react";
import { useGarden } from "@/store";
import {
  chooseGardenFile,
  loadDemoGarden,
  saveCalendarFile,
  saveGardenFile,
  savePlantingsTable,
} from "./gardenFiles";
import { RenameDialog } from "./RenameDialog";

/** What can be done with the garden as a whole, under its name. */
export function GardenMenu() {
  const garden = useGarden((state) => state.garden);
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const [renaming, setRenaming] = useState(false);
  const choose = (act: () => void) => () => {
    setAnchor(null);
    act();
  };
  return (
    <>
      <Button
        color="inherit"
        size="small"
        aria-haspopup="menu"
        aria-expanded={anchor !== null}
        endIcon={<ExpandMoreIcon />}
        onClick={(event) => setAnchor(event.currentTarget)}
        sx={{
          minWidth: 0,
          fontWeight: 500,
          whiteSpace: "nowrap",
          "& .MuiButton-endIcon": { ml: 0 },
        }}
      >
        {garden.head.name}
      </Button>
      <Menu anchorEl={anchor} open={anchor !== null} onClose={() => setAnchor(null)}>
        <MenuItem onClick={choose(() => void saveCalendarFile(garden))}>
          Calendar for the phone (.ics)
        </MenuItem>
        <MenuItem onClick={choose(() => void savePlantingsTable(garden))}>
          Plantings as a table (.csv)
        </MenuItem>
        <Divider />
        <MenuItem onClick={choose(() => void saveGardenFile(garden))}>
          Save garden as a file
        </MenuItem>
        <MenuItem onClick={choose(chooseGardenFile)}>Import a garden file…</MenuItem>
        <MenuItem onClick={choose(() => void loadDemoGarden())}>Load the demo garden</MenuItem>
        <Divider />
        <MenuItem onClick={choose(() => setRenaming(true))}>Rename…</MenuItem>
      </Menu>
      {renaming && <RenameDialog name={garden.head.name} onClose={() => setRenaming(false)} />}
    </>
  );
}
