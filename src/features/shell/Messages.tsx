"use client";

import Alert from "@mui/material/Alert";
import Button from "@mui/material/Button";
import Snackbar from "@mui/material/Snackbar";
import type { WayOut } from "@/core/commands";
import { takeWay, gardenStore } from "@/store/index";
import { WaysOut } from "@/ui/inputs/index";
import { setView, tell, tellRefusal, type Message } from "@/ui/viewState";
import { undo } from "./steps";
import { shell as say } from "@/words/en/shell";
import { told } from "@/ui/wording";

const SHOWN_MS = 7000;

/**
 * Keeps a message within hearing of screen readers. A dialog hides everything beside it from them, and
 * hides it anew whenever one of several dialogs closes: also what has just been said.
 */
function keepHeard(element: HTMLElement | null) {
  if (!element) return;
  const observer = new MutationObserver(() => element.removeAttribute("aria-hidden"));
  observer.observe(element, { attributes: true, attributeFilter: ["aria-hidden"] });
  element.removeAttribute("aria-hidden");
  return () => observer.disconnect();
}

async function take(way: WayOut) {
  const done = await takeWay(gardenStore(), way);
  if (done.ok) tell(say.done({ words: told(way.words) }), "done", true);
  else tellRefusal(done);
}

/** What was done or refused just now, with the way back. */
export default function Messages({ message }: { message: Message }) {
  const close = () => setView({ message: null });
  const refused = message.kind === "refused";
  return (
    <Snackbar
      key={message.text}
      ref={keepHeard}
      open
      autoHideDuration={refused ? null : SHOWN_MS}
      onClose={(_event, reason) => {
        if (reason !== "clickaway") close();
      }}
      anchorOrigin={{ vertical: "top", horizontal: "center" }}
      sx={{ mt: 5 }}
    >
      <Alert
        severity={refused ? "error" : "success"}
        variant="standard"
        role={refused ? "alert" : "status"}
        onClose={close}
        sx={{ border: "1px solid var(--line)", maxWidth: 640 }}
        action={
          message.undoable ? (
            <Button
              color="inherit"
              size="small"
              onClick={() => {
                close();
                void undo();
              }}
            >
              {say.undo}
            </Button>
          ) : undefined
        }
      >
        {message.text}
        <WaysOut ways={message.ways} onTake={(way) => void take(way)} />
      </Alert>
    </Snackbar>
  );
}
