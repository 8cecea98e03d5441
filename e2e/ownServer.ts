import { spawn, type ChildProcess } from 'node:child_process';
import { setTimeout as wait } from 'node:timers/promises';

/** Starts a server of its own on a database of its own. */
export async function startServer(port: number, databasePath: string): Promise<ChildProcess> {
  const server = spawn(
    process.execPath,
    ['node_modules/next/dist/bin/next', 'start', '-H', '127.0.0.1', '-p', String(port)],
    {
      env: { ...process.env, IDLE_STRETCH_DB: databasePath },
      stdio: 'ignore',
      detached: true,
    },
  );
  for (let at = 0; at < 300; at += 1) {
    if (
      await fetch(`http://127.0.0.1:${port}/api/undo`).then(
        (response) => response.ok,
        () => false,
      )
    )
      return server;
    await wait(100);
  }
  throw new Error('expected the server to answer within thirty seconds, it did not');
}

/** Kills it as a power cut would. */
export const kill = (server: ChildProcess): Promise<void> =>
  new Promise((resolve) => {
    server.once('exit', () => resolve());
    process.kill(-(server.pid as number), 'SIGKILL');
  });
