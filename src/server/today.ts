import 'server-only';
/** The server's day, `YYYY-MM-DD`, in its own time zone. */
export function today(now: Date = new Date()): string {
  const two = (value: number) => String(value).padStart(2, '0');
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`;
}
