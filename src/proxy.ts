import { NextResponse, type NextRequest } from 'next/server';

/** Hosts that may be asked for: this machine's own names, and what `IDLE_STRETCH_HOSTS` adds (comma-separated). */
const OWN_HOSTS = ['127.0.0.1', 'localhost', '[::1]'];

/** Checks Host and Origin, and gives every page a strict content security policy with a nonce of its own. */
export function proxy(request: NextRequest): NextResponse {
  const host = request.headers.get('host') ?? '';
  const allowed = [
    ...OWN_HOSTS,
    ...(process.env.IDLE_STRETCH_HOSTS ?? '').split(',').filter((name) => name !== ''),
  ];
  if (!allowed.includes(host.replace(/:\d+$/, ''))) {
    return NextResponse.json(
      { code: 'host', sentence: 'This address is not served: open the one that was printed at the start.' },
      { status: 421 },
    );
  }
  const origin = request.headers.get('origin');
  if (request.method !== 'GET' && request.method !== 'HEAD' && origin !== null && hostOf(origin) !== host) {
    return NextResponse.json(
      { code: 'origin', sentence: 'Another site may not change anything here.' },
      { status: 403 },
    );
  }
  if (request.headers.has('next-action')) {
    return NextResponse.json(
      { code: 'action', sentence: 'Nothing here is done that way: use the page itself.' },
      { status: 400 },
    );
  }
  const nonce = Buffer.from(crypto.randomUUID()).toString('base64');
  const policy = [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic'${process.env.NODE_ENV === 'development' ? " 'unsafe-eval'" : ''}`,
    `style-src 'self' 'nonce-${nonce}'`,
    "style-src-attr 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self'",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ');
  const headers = new Headers(request.headers);
  headers.set('x-nonce', nonce);
  headers.set('content-security-policy', policy);
  const response = NextResponse.next({ request: { headers } });
  response.headers.set('content-security-policy', policy);
  response.headers.set('x-content-type-options', 'nosniff');
  response.headers.set('referrer-policy', 'same-origin');
  return response;
}

function hostOf(origin: string): string | undefined {
  try {
    return new URL(origin).host;
  } catch {
    return undefined;
  }
}

export const config = { matcher: ['/((?!_next/static|favicon.ico|icon.svg).*)'] };
