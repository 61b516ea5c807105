"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { lazy, Suspense, useEffect, useState, type ComponentType, type ReactNode } from "react";
import { create } from "zustand";
import { isMissingPart, MISSING_PART, whenNeeded } from "@/store";
import { Boundary } from "./Boundary";
import { ReloadButton } from "./ReloadButton";
import { ui as say } from "@/words/en/ui";

/**
 * A component that is fetched when it is first drawn, or when the page has come to rest. When it
 * cannot be had, or fails, that is told where it would stand, and the rest of the page goes on.
 *
 * @param placeholder what takes its room meanwhile, where something below would move under a finger
 * @example const SettingsDialog = lazyPart(() => import("./SettingsDialog"));
 */
export function lazyPart<P extends object>(
  load: () => Promise<{ default: ComponentType<P> }>,
  placeholder: ReactNode = null,
): ComponentType<P> {
  const loadPart = whenNeeded(load);
  const Part = lazy(loadPart);
  return function LazyPart(props: P) {
    return (
      <Boundary fallback={(error, again) => <PartFailed error={error} onAgain={again} />}>
        <Suspense fallback={placeholder}>
          <Part {...props} />
        </Suspense>
      </Boundary>
    );
  };
}

/** What has failed and waits to be tried again, the first first. */
const useFailed = create<{ tries: readonly (() => void)[] }>(() => ({ tries: [] }));

/** Made of nothing that would have to be fetched itself. One notice stands for all that failed. */
function PartFailed({ error, onAgain }: { error: unknown; onAgain: () => void }) {
  const [again] = useState(() => onAgain);
  const { tries } = useFailed();
  useEffect(() => {
    useFailed.setState(({ tries: before }) => ({ tries: [...before, again] }));
    return () =>
      useFailed.setState(({ tries: before }) => ({ tries: before.filter((one) => one !== again) }));
  }, [again]);
  if (tries[0] !== again) return null;
  const missing = isMissingPart(error);
  const words = missing ? MISSING_PART : say.thisPartOfThePageFailedYourDataIs;
  return (
    <Box
      role="alert"
      sx={{
        position: "fixed",
        zIndex: 1500,
        top: 56,
        left: "50%",
        transform: "translateX(-50%)",
        width: "min(560px, calc(100vw - 32px))",
        p: 2,
        borderRadius: 2,
        bgcolor: "var(--surface)",
        color: "var(--text)",
        border: "2px solid var(--ember-text)",
        fontSize: 15.5,
        lineHeight: 1.45,
      }}
    >
      {words}
      <Box sx={{ display: "flex", gap: 1, mt: 1 }}>
        {!missing && (
          <Button
            variant="outlined"
            color="inherit"
            onClick={() => {
              for (const one of tries) one();
            }}
          >
            {say.tryAgain}
          </Button>
        )}
        <ReloadButton variant="outlined" color="inherit" />
      </Box>
    </Box>
  );
}
