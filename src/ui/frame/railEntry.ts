import type { ReactNode } from "react";

/** A view in the rail. */
export interface RailEntry {
  href: string;
  label: string;
  icon: ReactNode;
  /** On a phone it stands under "More". */
  underMore?: boolean;
}
