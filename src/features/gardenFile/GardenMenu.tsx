"use client";

import ExpandMoreIcon from "@mui/icons-material/ExpandMore";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useState } from "react";
import { useGarden } from "@/store/index";
import { lazyPart } from "@/ui/frame/index";

const GardenMenuList = lazyPart(() => import("./GardenMenuList"));
const RenameDialog = lazyPart(() => import("./RenameDialog"));

/** What can be done with the garden as a whole, under its name. */
export function GardenMenu() {
  const garden = useGarden((state) => state.garden);
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const [renaming, setRenaming] = useState(false);
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
        <Box component="span" sx={{ overflow: "hidden", textOverflow: "ellipsis" }}>
          {garden.head.name}
        </Box>
      </Button>
      {anchor && (
        <GardenMenuList
          anchor={anchor}
          garden={garden}
          onClose={() => setAnchor(null)}
          onRename={() => setRenaming(true)}
        />
      )}
      {renaming && <RenameDialog name={garden.head.name} onClose={() => setRenaming(false)} />}
    </>
  );
}
