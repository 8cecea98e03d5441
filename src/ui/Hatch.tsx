/** The hatching of what is stretched, or of what is forbidden: meaning carried by the lines, colour only helping. */
export function Hatch({ id, of }: { id: string; of: 'worn' | 'forbidden' }) {
  const worn = of === 'worn';
  return (
    <defs>
      <pattern id={id} width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(35)">
        <rect width="6" height="6" fill={worn ? 'var(--capacity-tint)' : 'var(--demand-tint)'} />
        <line
          x1="0"
          y1="0"
          x2="0"
          y2="6"
          stroke={worn ? 'var(--capacity)' : 'var(--demand)'}
          strokeWidth={worn ? 3 : 1.6}
        />
      </pattern>
    </defs>
  );
}
