import Link from 'next/link';

export default function NotFound() {
  return (
    <div>
      <h1>That is not here</h1>
      <p style={{ marginTop: 10 }}>
        It may have been removed. <Link href="/">Go to the table</Link>, or find it with the box above.
      </p>
    </div>
  );
}
