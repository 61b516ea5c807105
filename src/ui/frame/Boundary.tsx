"use client";

import { Component, type ReactNode } from "react";

interface Props {
  /** What stands in place of what failed; `again` tries to draw it once more. */
  fallback: (error: unknown, again: () => void) => ReactNode;
  children: ReactNode;
}

interface State {
  failed: { error: unknown } | null;
}

/** Keeps what fails below it from taking the rest of the page along. */
export class Boundary extends Component<Props, State> {
  override state: State = { failed: null };

  static getDerivedStateFromError(error: unknown): State {
    return { failed: { error } };
  }

  override render(): ReactNode {
    const { failed } = this.state;
    if (!failed) return this.props.children;
    return this.props.fallback(failed.error, () => this.setState({ failed: null }));
  }
}
