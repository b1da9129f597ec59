import { LocalizedDegrees } from '../degrees/degrees';

/** The page's answer at the top, in one or two sentences. */
export const PageAnswer = ({ children }: { children: string }) => (
  <p data-testid="answer" className="mb-3 max-w-[75ch] text-lg leading-snug font-medium">
    <LocalizedDegrees>{children}</LocalizedDegrees>
  </p>
);
