import Link from 'next/link';

interface Props {
  readonly of: 'wearer' | 'cloth' | 'pattern' | 'machine';
  readonly id: string;
}

/** The way to what was written down of a thing. */
export const LogLink = ({ of, id }: Props) => <Link href={`/log?${of}=${id}`}>In the log</Link>;
