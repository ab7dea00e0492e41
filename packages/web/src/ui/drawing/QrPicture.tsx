import qrcode from 'qrcode-generator';

/** Light rim around the picture, in its own squares: cameras need it. */
const RIM = 4;

/** A text as a picture for cameras: dark squares on white, whatever the theme. */
export function QrPicture({ text, label }: { readonly text: string; readonly label: string }) {
  const code = qrcode(0, 'M');
  code.addData(text);
  code.make();
  const n = code.getModuleCount();
  const squares = Array.from({ length: n * n }, (_, i) => [Math.floor(i / n), i % n] as const)
    .filter(([row, column]) => code.isDark(row, column))
    .map(([row, column]) => `M${column + RIM} ${row + RIM}h1v1h-1z`);
  const side = n + 2 * RIM;
  return (
    <svg role="img" aria-label={label} viewBox={`0 0 ${side} ${side}`} width="100%" style={{ maxWidth: 280 }}>
      <rect width={side} height={side} fill="#fff" />
      <path d={squares.join('')} fill="#000" shapeRendering="crispEdges" />
    </svg>
  );
}
