/** Progress of a task, with a cancel button. */
export const Progress = ({ label, share, onCancel }: { label: string; share: number; onCancel: () => void }) => (
  <div className="flex items-center gap-3">
    <progress aria-label={label} value={share} max={1} className="h-2 min-w-0 flex-1 accent-[var(--ink)]" />
    <button type="button" className="plain-button" onClick={onCancel}>
      Cancel
    </button>
  </div>
);
