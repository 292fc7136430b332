// npm run dev: server and web application with reload on save, on the demo data. Stops both with Ctrl C.
import { spawn } from 'node:child_process';
import { installIfMissing, requireNode, ROOT, runOrEnd } from './lib.mjs';

const SERVER_PORT = 4640;

requireNode();
installIfMissing();
runOrEnd('Building packages and server', 'npx', ['tsc', '-b']);

const started = [
  ['npx', ['tsc', '-b', '--watch', '--preserveWatchOutput']],
  [process.execPath, ['--watch', '--enable-source-maps', 'apps/server/dist/main.js', '--demo', '--port', String(SERVER_PORT)]],
  ['npx', ['vite', 'apps/web', '--config', 'apps/web/vite.config.ts', '--host', '127.0.0.1']],
].map(([command, args]) =>
  spawn(command, args, { cwd: ROOT, stdio: 'inherit', env: { ...process.env, OUTFIT_PORT: String(SERVER_PORT) } }),
);

const stop = () => {
  for (const child of started) child.kill('SIGTERM');
};
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, stop);
for (const child of started) child.on('exit', stop);
