declare module 'newton-raphson-method' {
  /** A root near a guess; false where it finds none. */
  export default function newton(of: (x: number) => number, guess: number): number | false;
}
