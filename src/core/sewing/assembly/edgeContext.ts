import type { EdgeUse } from '../../edges/elastics/edgeUse';
import type { Edge } from '../../fit/garmentKind';
import type { RecipeContext } from './recipe';

/** Where an edge's steps stand among the others, and what its row is called as a seam. */
export interface EdgePlace {
  /** What must be done before the edge is finished. */
  readonly after?: readonly string[];
  /** What must be done before the second end of a strap is tried on and held. */
  readonly later?: readonly string[];
  /** The seam of the kind that its row is. */
  readonly seam?: string;
  /** A band or binding of the neck goes on while one shoulder is open; its ends lie in that seam. */
  readonly shoulderOpen?: boolean;
  /** A hem is sewn while its piece is flat. */
  readonly flat?: boolean;
}

export interface EdgeContext extends EdgePlace {
  readonly context: RecipeContext;
  readonly edge: Edge;
  readonly use: EdgeUse;
  /** The edge's name within a sentence. */
  readonly name: string;
  readonly after: readonly string[];
  /** Steps of a pair are done on both. */
  readonly times: number;
  readonly ring: boolean;
}
