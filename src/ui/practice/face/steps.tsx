/** Steps as the manual has them, to be done by hand before the key next to them is pressed. */
export const Steps = ({ steps }: { steps: readonly string[] }) => (
  <ol className="list-decimal pl-5 text-sm">
    {steps.map((step) => (
      <li key={step}>{step}</li>
    ))}
  </ol>
);
