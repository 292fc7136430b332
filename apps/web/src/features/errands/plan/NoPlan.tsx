import type { PlanDto } from '@/api';

/** Which rules cannot be kept together, and what would help. */
export function NoPlan({ plan }: { readonly plan: PlanDto }) {
  return (
    <div role="alert" className="mt-2">
      <p className="text-madder font-semibold">No plan keeps all the rules.</p>
      <ul className="mt-1 list-disc pl-5">
        {plan.reasons.map((reason) => (
          <li key={reason}>{reason}</li>
        ))}
      </ul>
      <p className="text-pencil mt-2">Loosen a rule on the left and plan again.</p>
    </div>
  );
}
