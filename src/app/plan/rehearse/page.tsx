import type { Metadata } from "next";
import { RehearseView } from "@/features/rehearse";

export const metadata: Metadata = { title: "Rehearse · Late Ember" };

export default function RehearsePage() {
  return <RehearseView />;
}
