"use client";

import Menu from "@mui/material/Menu";
import MenuItem from "@mui/material/MenuItem";
import Link from "next/link";
import type { RailEntry } from "./railEntry";

interface Props {
  anchor: HTMLElement;
  entries: readonly RailEntry[];
  isHere: (entry: RailEntry) => boolean;
  onClose: () => void;
}

/** The views that have no room in a phone's foot bar. */
export default function MoreMenu({ anchor, entries, isHere, onClose }: Props) {
  return (
    <Menu anchorEl={anchor} open onClose={onClose}>
      {entries.map((entry) => (
        <MenuItem
          key={entry.href}
          component={Link}
          href={entry.href}
          prefetch={false}
          selected={isHere(entry)}
          onClick={onClose}
          sx={{ gap: 1.5, minHeight: 48 }}
        >
          {entry.icon}
          {entry.label}
        </MenuItem>
      ))}
    </Menu>
  );
}
