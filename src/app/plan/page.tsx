import { PlanView } from "@/features/plan";

export default function PlanPage() {
  return <PlanView />;
}
