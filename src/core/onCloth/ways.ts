import type { ClothDirection } from '../facts/cloth';
import type { GarmentPlan } from '../plan/types';

/** Which way the length of a strip runs on its cloth; nothing where its plan leaves that open. */
export const wayOf = ({ edges }: Pick<GarmentPlan, 'edges'>, row: string): ClothDirection | undefined =>
  edges.flatMap(({ strips }) =>
    strips.flatMap(({ rows, way }) => (rows.includes(row) && way ? [way] : [])),
  )[0];
