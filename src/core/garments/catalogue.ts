import type { Garment } from '../facts/garment';
import type { GarmentKind } from './garmentKind';
import { tee } from './tee';

/** Every garment the product can plan, by kind. */
export const catalogue: Readonly<Record<Garment['kind'], GarmentKind>> = { tee };
