import { create } from 'qrcode';

/** Quiet zone around a QR code, modules. */
const QUIET = 4;

/** A text as a QR code; the alphanumeric characters of a label are encoded densely. */
export const Qr = ({ text, label, className }: { text: string; label: string; className: string }) => {
  const { modules } = create(text, { errorCorrectionLevel: 'M' });
  const { size } = modules;
  const rows = Array.from({ length: size }, (_, y) =>
    Array.from({ length: size }, (__, x) => (modules.get(y, x) ? `M${x} ${y}h1v1h-1z` : '')).join(''),
  );
  const edge = size + 2 * QUIET;
  return (
    <svg
      role="img"
      aria-label={label}
      viewBox={`${-QUIET} ${-QUIET} ${edge} ${edge}`}
      className={className}
      shapeRendering="crispEdges"
    >
      <rect x={-QUIET} y={-QUIET} width={edge} height={edge} fill="#fff" />
      <path d={rows.join('')} fill="#000" />
    </svg>
  );
};
