import 'server-only';
import { Server, type IncomingMessage, type ServerResponse } from 'node:http';

/** The methods that some page or route answers to. */
const USED: ReadonlySet<string> = new Set(['GET', 'HEAD', 'POST', 'PATCH', 'DELETE', 'OPTIONS', 'PUT']);

/**
 * Refuses, in one sentence and before anything else sees it, a method the framework cannot even take in: TRACE and its
 * like would be a crash in the log and a bare 500. To be called once, when the server starts.
 */
export function refuseUnusedMethods(): void {
  const { emit } = Server.prototype;
  Server.prototype.emit = function guarded(
    this: Server,
    event: string | symbol,
    ...args: unknown[]
  ): boolean {
    const [request, response] = args as [IncomingMessage, ServerResponse];
    if (event !== 'request' || USED.has(request.method ?? ''))
      return emit.apply(this, [event, ...args] as Parameters<typeof emit>);
    response.writeHead(405, { 'content-type': 'application/json', connection: 'close' });
    response.end(JSON.stringify({ code: 'method', sentence: 'Nothing here is asked for in that way.' }));
    return true;
  };
}
