import { NextResponse, type NextRequest } from 'next/server';
import { doorRefusal } from '@/server/door';

/** Checks Host and Origin, and gives every page a strict content security policy with a nonce of its own. */
export function proxy(request: NextRequest): Response {
  const refused = doorRefusal(request);
  if (refused) return refused;
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

/** All but what is the same for everybody, and the large uploads: see `doorRefusal`. */
export const config = {
  matcher: ['/((?!_next/static|favicon.ico|icon.svg|api/photos|api/household/incoming).*)'],
};
