'use client';
import type { ReactNode } from 'react';
import type { DiagramId } from '@/core/sewing/assembly/step';

interface Drawn {
  readonly title: string;
  readonly alt: string;
  readonly drawing: ReactNode;
}

const cloth = { fill: 'var(--sheet)', stroke: 'currentColor', strokeWidth: 1.8 } as const;
const seam = { fill: 'none', stroke: 'var(--demand)', strokeWidth: 2.4, strokeDasharray: '6 4' } as const;
const strip = { fill: 'none', stroke: 'var(--capacity)', strokeWidth: 5 } as const;
const thin = { fill: 'none', stroke: 'currentColor', strokeWidth: 1.4 } as const;

const Label = ({
  x,
  y,
  children,
  end,
}: {
  x: number;
  y: number;
  children: ReactNode;
  end?: 'end' | 'middle';
}) => (
  <text x={x} y={y} fontSize="12" fill="currentColor" textAnchor={end ?? 'start'}>
    {children}
  </text>
);

/** Where words are poor: small line drawings, one weight, the row to sew dashed. */
const diagrams: Readonly<Record<DiagramId, Drawn>> = {
  'roll-and-enclose': {
    title: 'Rolled and enclosed',
    alt: 'Three drawings: the garment lies between two layers; it is rolled up and the layers are brought round it and sewn together; it is pulled out through the open end.',
    drawing: (
      <>
        <rect x="12" y="34" width="100" height="9" {...cloth} />
        <rect x="26" y="50" width="108" height="9" {...cloth} />
        <rect x="12" y="66" width="100" height="9" {...cloth} />
        <path d="M18 30v50" {...seam} />
        <Label x={12} y={24}>
          1 between the layers
        </Label>
        <path d="M176 76h84v-46h-84" {...thin} />
        <circle cx="222" cy="53" r="14" {...cloth} />
        <path d="M222 53m-8 0a8 8 0 1 1 8 8a4 4 0 1 1 2-7" {...thin} />
        <path d="M182 24v58" {...seam} />
        <Label x={172} y={16}>
          2 rolled up, layers round it
        </Label>
        <rect x="332" y="34" width="64" height="42" {...cloth} />
        <path d="M396 55h34m-9-7l9 7l-9 7" {...thin} />
        <path d="M338 34v42" {...seam} />
        <Label x={328} y={24}>
          3 pulled out at the end
        </Label>
      </>
    ),
  },
  'leg-in-leg': {
    title: 'One leg inside the other',
    alt: 'One trouser leg, right side out, stands inside the other, wrong side out; the curved crotch edges lie on each other, inside seams matched at the lowest point.',
    drawing: (
      <>
        <path d="M40 14h120v84h-34V70q-26-24-52 0v28H40Z" {...cloth} />
        <path d="M54 14h92v62q-46-22-92 0Z" {...cloth} strokeDasharray="4 3" />
        <path d="M44 22q56 76 112 0" {...seam} />
        <circle cx="100" cy="60" r="4" fill="var(--demand)" />
        <Label x={174} y={30}>
          front notch on front notch
        </Label>
        <Label x={174} y={64}>
          inside seams meet here
        </Label>
        <Label x={174} y={96}>
          inner leg right side out
        </Label>
      </>
    ),
  },
  quartering: {
    title: 'Quarters matched',
    alt: 'A smaller ring inside a larger one; four marks on each, joined by lines; the band’s join at centre back.',
    drawing: (
      <>
        <ellipse cx="150" cy="56" rx="120" ry="46" {...thin} />
        <ellipse cx="150" cy="56" rx="92" ry="32" {...strip} />
        {(
          [
            [150, 10, 150, 24],
            [270, 56, 242, 56],
            [150, 102, 150, 88],
            [30, 56, 58, 56],
          ] as const
        ).map(([x, y, a, b]) => (
          <g key={`${x} ${y}`}>
            <path d={`M${x} ${y}L${a} ${b}`} {...thin} />
            <circle cx={x} cy={y} r="4.5" fill="var(--demand)" />
            <circle cx={a} cy={b} r="4.5" fill="var(--demand)" />
          </g>
        ))}
        <Label x={150} y={42} end="middle">
          join, start
        </Label>
        <Label x={150} y={80} end="middle">
          half way
        </Label>
        <Label x={290} y={30}>
          as many marks on each
        </Label>
        <Label x={290} y={50}>
          stretch only the inner one
        </Label>
      </>
    ),
  },
  slider: {
    title: 'Through slider and ring, seen from the side',
    alt: 'Seen from the side: the strap comes down in front of the slider’s upper bar, behind its middle bar, in front of the lower one, goes round the ring, and its end is sewn round the middle bar.',
    drawing: (
      <>
        <path
          d="M143 4V24q0 11 8 13t8 11t-8 11t-8 13v16q0 14 12 14t12-14V62q0-12-12-13"
          {...strip}
          strokeWidth={3.5}
        />
        {[26, 48, 70].map((y) => (
          <circle key={y} cx="151" cy={y} r="4.5" {...thin} fill="var(--sheet)" strokeWidth={2.2} />
        ))}
        <circle cx="155" cy="92" r="5" {...thin} fill="var(--sheet)" strokeWidth={2.2} />
        <path d="M162 54h12" {...seam} />
        <Label x={182} y={14}>
          to the shoulder
        </Label>
        <Label x={182} y={36}>
          three bars of the slider
        </Label>
        <Label x={182} y={58}>
          the end, sewn round the middle bar
        </Label>
        <Label x={182} y={98}>
          ring
        </Label>
      </>
    ),
  },
  'serger-hem': {
    title: 'A serger’s hem that does not show',
    alt: 'The hem is turned up, then folded back on itself so that the raw edge shows a little past the fold; the needle just catches the fold; afterwards it is pulled flat.',
    drawing: (
      <>
        <path d="M20 30H210" {...thin} strokeWidth={2.4} />
        <path d="M210 30q16 0 16 13t-16 13H110" {...thin} strokeWidth={2.4} />
        <path d="M110 56q-14 0-14 12t14 12h134" {...thin} strokeWidth={2.4} />
        <path d="M232 20v72" {...seam} />
        <path d="M226 43h18" stroke="var(--demand)" strokeWidth="2" />
        <Label x={252} y={48}>
          the fold just under the needle
        </Label>
        <Label x={252} y={84}>
          raw edge past it
        </Label>
        <Label x={20} y={22}>
          garment
        </Label>
      </>
    ),
  },
  'turn-through-strap': {
    title: 'Turned through the shoulder',
    alt: 'The back is pulled through the narrow passage between outer and lining at the shoulder.',
    drawing: (
      <>
        <path d="M30 98V50q30-40 70-36l30 8v18l-34 2q-14 26-10 56Z" {...cloth} />
        <path d="M130 22h40v18h-40" {...cloth} />
        <path d="M170 40l30 4v54h-70" {...cloth} strokeDasharray="4 3" />
        <path
          d="M196 76q-10-46-58-46h-34m9-7l-9 7l9 7"
          fill="none"
          stroke="var(--capacity)"
          strokeWidth="2.6"
        />
        <Label x={214} y={34}>
          between outer and lining
        </Label>
        <Label x={214} y={84}>
          the back is pulled through
        </Label>
      </>
    ),
  },
  'bind-flat': {
    title: 'Bound flat',
    alt: 'One shoulder is open; the strip lies along the neck edge with both ends overhanging.',
    drawing: (
      <>
        <path d="M30 30q60 66 120 0l36 20v48H20V44Z" {...cloth} />
        <path d="M14 22q74 84 152 0" {...strip} />
        <Label x={176} y={22}>
          both ends overhang
        </Label>
        <Label x={204} y={66}>
          trim them when the
        </Label>
        <Label x={204} y={82}>
          shoulder is aligned
        </Label>
      </>
    ),
  },
};

export function Diagram({ id, widthPx = 460 }: { id: DiagramId; widthPx?: number }) {
  const { title, alt, drawing } = diagrams[id];
  return (
    <figure style={{ margin: 0 }}>
      <svg
        role="img"
        aria-label={alt}
        viewBox="0 0 460 110"
        style={{ width: '100%', maxWidth: widthPx, display: 'block' }}
      >
        {drawing}
      </svg>
      <figcaption className="soft small">{title}</figcaption>
    </figure>
  );
}
