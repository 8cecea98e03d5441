import 'server-only';

/** Hosts that may be asked for: this machine's own names, and what `IDLE_STRETCH_HOSTS` adds (comma-separated). */
const OWN_HOSTS = ['127.0.0.1', 'localhost', '[::1]'];

/**
 * What a request is refused with at the door, by its Host and Origin; `undefined` where it may come in. Everything comes
 * through the proxy, which asks this; large uploads do not, for the proxy would keep them whole: their routes ask it.
 */
export function doorRefusal(request: Request): Response | undefined {
  const refuse = (status: number, code: string, sentence: string) =>
    Response.json({ code, sentence }, { status });
  const host = request.headers.get('host') ?? '';
  const allowed = [
    ...OWN_HOSTS,
    ...(process.env.IDLE_STRETCH_HOSTS ?? '').split(',').filter((name) => name !== ''),
  ];
  if (!allowed.includes(host.replace(/:\d+$/, '')))
    return refuse(421, 'host', 'This address is not served: open the one that was printed at the start.');
  const origin = request.headers.get('origin');
  if (request.method !== 'GET' && request.method !== 'HEAD' && origin !== null && hostOf(origin) !== host)
    return refuse(403, 'origin', 'Another site may not change anything here.');
  if (request.headers.has('next-action'))
    return refuse(400, 'action', 'Nothing here is done that way: use the page itself.');
  return undefined;
}

function hostOf(origin: string): string | undefined {
  try {
    return new URL(origin).host;
  } catch {
    return undefined;
  }
}
