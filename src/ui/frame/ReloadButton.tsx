"use client";

import Button, { type ButtonProps } from "@mui/material/Button";
import { useState } from "react";
import { ui as say } from "@/words/en/ui";

/** Reloads the page, unless it could not be had again: then that is said, and the page stays. */
export function ReloadButton(button: Omit<ButtonProps, "onClick" | "children">) {
  const [isAway, setIsAway] = useState(false);
  const reload = async () => {
    const answer = await fetch("/api/start", { cache: "no-store" }).catch(() => null);
    if (answer?.ok) window.location.reload();
    else setIsAway(true);
  };
  return (
    <Button {...button} onClick={() => void reload()} aria-live="polite">
      {isAway ? say.noConnectionTryAgain : say.reloadThePage}
    </Button>
  );
}
