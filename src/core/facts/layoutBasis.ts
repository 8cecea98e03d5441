import type { Garment } from './garment';
import type { GarmentFacts } from './garmentFacts';
import type { ClothRole, KeptLayout } from './layout';

/** What the shapes and sizes of pieces, and how they may lie, can depend on. */
const OF_GARMENT = [
  'kind',
  'style',
  'fit',
  'closures',
  'edges',
  'sizeId',
  'pattern',
  'draft',
  'alterations',
  'stay',
  'ways',
] as const satisfies readonly (keyof Garment)[];
const RECORDS = [
  'wearer',
  'outer',
  'lining',
  'band',
  'layerCloths',
  'pattern',
  'ownKind',
  'elastics',
] as const satisfies readonly (keyof GarmentFacts)[];

/** A sign of all that pieces depend on: it is another one as soon as any of that changed, and the same where none did. */
export function layoutBasis(facts: GarmentFacts): string {
  const signs = [
    ...OF_GARMENT.map((name) => signOf(facts.garment[name])),
    ...RECORDS.map((name) => signOf(facts[name])),
  ];
  return signOfText(signs.join(' '));
}

/**
 * The layout that was kept for a cloth, where it is for the width of that, nothing lies on anything in it, and nothing it
 * was laid out of has changed since.
 */
export function heldLayout(facts: GarmentFacts, role: ClothRole): KeptLayout | undefined {
  const kept = facts.garment.layouts?.[role];
  if (!kept?.apart || kept.basis !== layoutBasis(facts)) return undefined;
  const widthMm = facts[role]?.widthMm ?? kept.widthMm;
  return widthMm === kept.widthMm ? kept : undefined;
}

const known = new WeakMap<object, string>();

/** Facts are never changed in place: each is read once. */
function signOf(value: unknown): string {
  if (typeof value !== 'object' || value === null) return JSON.stringify(value) ?? '';
  const before = known.get(value);
  if (before !== undefined) return before;
  const sign = signOfText(JSON.stringify(value, sortedKeys));
  known.set(value, sign);
  return sign;
}

/** What no piece depends on, wherever it stands: what things are called, and how much of them there is. */
const NO_MATTER: ReadonlySet<string> = new Set(['name', 'notes', 'photo', 'onHandMm']);

/** Whatever order fields were typed in. */
const sortedKeys = (_key: string, value: unknown): unknown =>
  typeof value === 'object' && value !== null && !Array.isArray(value)
    ? Object.fromEntries(
        Object.entries(value)
          .filter(([name]) => !NO_MATTER.has(name))
          .toSorted(([a], [b]) => (a < b ? -1 : 1)),
      )
    : value;

/** Two 32-bit FNV-1a hashes, the second of the text with its length before it. */
const signOfText = (text: string): string => `${hashOf(text)}${hashOf(`${text.length} ${text}`)}`;

const FNV_OFFSET = 0x811c9dc5;
const FNV_PRIME = 0x01000193;
function hashOf(text: string): string {
  let hash = FNV_OFFSET;
  for (let at = 0; at < text.length; at += 1) hash = Math.imul(hash ^ text.charCodeAt(at), FNV_PRIME);
  return (hash >>> 0).toString(16).padStart(8, '0');
}
