/** Which rules cannot be kept together, and what would help. */
export function NoPlan({ reasons }: { readonly reasons: readonly string[] }) {
  return (
    <div role="alert" className="mt-2">
      <p className="text-madder font-semibold">No plan keeps all the rules.</p>
      <ul className="mt-1 list-disc pl-5">
        {reasons.map((reason) => (
          <li key={reason}>{reason}</li>
        ))}
      </ul>
      <p className="text-pencil mt-2">Loosen a rule on the left and plan again.</p>
    </div>
  );
}
