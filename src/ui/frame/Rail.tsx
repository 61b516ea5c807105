import MoreIcon from "@mui/icons-material/MoreHoriz";
import Box from "@mui/material/Box";
import Link from "next/link";
import { memo, useState } from "react";
import { lazyPart } from "./lazyPart";
import type { RailEntry } from "./railEntry";
import { ui as say } from "@/words/en/ui";

// Only a phone has it, and only when it is tapped.
const MoreMenu = lazyPart(() => import("./MoreMenu"));

interface Props {
  entries: readonly RailEntry[];
  current: string;
}

/** The views, words under icons; on a phone a bar at the foot, with what is rarer under "More". */
export const Rail = memo(function Rail({ entries, current }: Props) {
  const isHere = ({ href }: RailEntry) => current === href || current.startsWith(`${href}/`);
  const rarer = entries.filter(({ underMore }) => underMore);
  return (
    <Box
      component="ul"
      sx={{
        m: 0,
        p: 0,
        pt: { md: 1.5 },
        listStyle: "none",
        display: "flex",
        height: "100%",
        flexDirection: { xs: "row", md: "column" },
        justifyContent: { xs: "space-around", md: "flex-start" },
      }}
    >
      {entries.map((entry) => (
        <Box
          component="li"
          key={entry.href}
          sx={{
            flex: { xs: 1, md: "none" },
            display: { xs: entry.underMore ? "none" : "block", md: "block" },
          }}
        >
          <Box
            component={Link}
            href={entry.href}
            prefetch={false}
            aria-current={isHere(entry) ? "page" : undefined}
            sx={entryStyle(isHere(entry))}
          >
            {entry.icon}
            {entry.label}
          </Box>
        </Box>
      ))}
      {rarer.length > 0 && <More entries={rarer} isHere={isHere} />}
    </Box>
  );
});

function More(props: { entries: readonly RailEntry[]; isHere: (entry: RailEntry) => boolean }) {
  const { entries, isHere } = props;
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const here = entries.some(isHere);
  return (
    <Box component="li" sx={{ flex: 1, display: { md: "none" } }}>
      <Box
        component="button"
        type="button"
        aria-haspopup="menu"
        aria-expanded={anchor !== null}
        onClick={(event) => setAnchor(event.currentTarget)}
        sx={{
          ...entryStyle(here),
          width: "100%",
          background: "none",
          border: 0,
          borderTop: entryStyle(here).borderTop,
          fontFamily: "inherit",
          cursor: "pointer",
        }}
      >
        <MoreIcon />
        {say.more}
      </Box>
      {anchor && (
        <MoreMenu
          anchor={anchor}
          entries={entries}
          isHere={isHere}
          onClose={() => setAnchor(null)}
        />
      )}
    </Box>
  );
}

function entryStyle(here: boolean) {
  const line = (on: string) => ({
    // A transparent border would be drawn where the system chooses the colours.
    [on]: here ? "3px solid var(--ember)" : "3px solid var(--paper)",
  });
  return {
    display: "flex",
    flexDirection: "column",
    alignItems: "center",
    justifyContent: "center",
    height: { xs: 56, md: "auto" },
    minHeight: 58,
    textAlign: "center",
    lineHeight: 1.2,
    overflowWrap: "anywhere",
    fontSize: { xs: 11.5, sm: 12.5 },
    gap: 0.25,
    textDecoration: "none",
    fontWeight: here ? 700 : 400,
    color: here ? "var(--ember-text)" : "var(--text)",
    borderLeft: line("md"),
    borderTop: { ...line("xs"), md: "none" },
    "&:focus-visible": { outline: "2px solid var(--ember)", outlineOffset: -3 },
  } as const;
}
