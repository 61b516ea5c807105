"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import Link from "next/link";
import { shell as say } from "@/words/en/shell";

/** An address that leads to no view. */
export function NotFound() {
  return (
    <Box sx={{ maxWidth: 560, px: { xs: 2, md: 2.75 }, py: 3, fontSize: 17 }}>
      <Typography variant="h1">{say.pageNotFound}</Typography>
      <Box sx={{ my: 1.5, lineHeight: 1.5 }}>{say.thisAddressIsNotAPageOfLateEmber}</Box>
      <Button component={Link} href="/today" prefetch={false} variant="contained" size="large">
        {say.goToToday}
      </Button>
    </Box>
  );
}
