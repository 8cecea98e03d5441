/** The part of the polygon offset library that the tests use as an oracle. */
declare module 'clipper-lib' {
  interface Point {
    X: number;
    Y: number;
  }
  interface Offset {
    AddPath(path: Point[], joinType: number, endType: number): void;
    Execute(solution: Point[][], delta: number): void;
  }
  const ClipperLib: {
    readonly ClipperOffset: new (miterLimit: number, arcTolerance: number) => Offset;
    readonly JoinType: { readonly jtMiter: number };
    readonly EndType: { readonly etClosedPolygon: number };
  };
  export default ClipperLib;
}
