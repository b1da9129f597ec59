/** Manual steps, to do before pressing the key next to them. */
export const Steps = ({ steps }: { steps: readonly string[] }) => (
  <ol className="list-decimal pl-5 text-sm">
    {steps.map((step) => (
      <li key={step}>{step}</li>
    ))}
  </ol>
);
