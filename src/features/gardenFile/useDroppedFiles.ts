"use client";

import { useRouter } from "next/navigation";
import { useEffect, useState } from "react";
import { whenNeeded } from "@/store/index";
import { setView, tell } from "@/ui/viewState";
import { keeping as say } from "@/words/en/keeping";

const droppedPart = whenNeeded(() => import("./openDropped"));

/** Takes files dropped anywhere on the page to where they are read; whether one is being held over it. */
export function useDroppedFiles(): boolean {
  const router = useRouter();
  const [isOver, setOver] = useState(false);
  useEffect(() => {
    const carriesFiles = ({ dataTransfer }: DragEvent) =>
      dataTransfer?.types.includes("Files") ?? false;
    const onOver = (event: DragEvent) => {
      if (!carriesFiles(event)) return;
      // Else the browser would leave the garden and show the file.
      event.preventDefault();
      setOver(true);
    };
    const onLeave = (event: DragEvent) => {
      if (event.relatedTarget === null) setOver(false);
    };
    const onDrop = (event: DragEvent) => {
      if (!carriesFiles(event)) return;
      event.preventDefault();
      setOver(false);
      const [file, ...others] = event.dataTransfer?.files ?? [];
      if (!file) return;
      if (others.length > 0) return tell(say.dropOne, "refused");
      void droppedPart().then(({ openDropped }) =>
        openDropped(file, (href, view) => {
          router.push(href);
          setView(view);
        }),
      );
    };
    window.addEventListener("dragover", onOver);
    window.addEventListener("dragleave", onLeave);
    window.addEventListener("drop", onDrop);
    return () => {
      window.removeEventListener("dragover", onOver);
      window.removeEventListener("dragleave", onLeave);
      window.removeEventListener("drop", onDrop);
    };
  }, [router]);
  return isOver;
}
