"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { leaveWinter } from "@/derive/rehearsal";
import { useRehearsal } from "@/derive/rehearsed";
import { useWording } from "@/ui/wording";
import { rehearse as say } from "@/words/en/rehearse";

const GRAMS_PER_KG = 1000;

/** Over every view while a rehearsed winter is looked at: that it is none of the grower's own, and the way back. */
export default function RehearsedNotice() {
  const wording = useWording();
  const looked = useRehearsal((store) => store.looked);
  return (
    <Box
      role="status"
      sx={{
        display: "flex",
        flexWrap: "wrap",
        alignItems: "center",
        columnGap: 2,
        px: 2,
        py: 0.5,
        fontSize: 16,
        fontWeight: 600,
        color: "#2a1d10",
        background: "repeating-linear-gradient(115deg, #f6e9c6 0 22px, #ecd9ab 22px 44px)",
        borderBottom: "1px solid var(--line)",
      }}
    >
      <Box sx={{ flex: "1 1 260px" }}>
        {looked &&
          say.banner({
            winter: looked.winter + 1,
            coldest: wording.temperature(looked.coldestC),
            kg: wording.weightG(looked.totalKg * GRAMS_PER_KG),
          })}
      </Box>
      <Button
        onClick={leaveWinter}
        sx={{
          color: "#2a1d10",
          borderColor: "#2a1d10",
          bgcolor: "#fffdf8",
          "&:hover": { bgcolor: "#ffffff" },
        }}
        variant="outlined"
      >
        {say.leave}
      </Button>
    </Box>
  );
}
