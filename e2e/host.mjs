// Opens the built application on one folder after the other, as it is asked to by messages: loading its code takes longer than most tests,
// and what a test sees depends on its folder alone. What can only be tried by killing a server starts one of its own (server.ts).
import { fileURLToPath } from 'node:url';
import { createApp } from '../apps/server/dist/app.js';
import { photographDemo } from '../apps/server/dist/demo/index.js';
import { ClockFrom } from '../apps/server/dist/platform/clock/index.js';

const WEB = fileURLToPath(new URL('../apps/web/dist', import.meta.url));
const open = new Map();

async function start({ folder, demo, now }) {
  const app = await createApp({ dataFolder: folder, webFolder: WEB, demo, clock: new ClockFrom(new Date(now)) });
  if (demo) await photographDemo(app);
  await app.listen(0, '127.0.0.1');
  open.set(folder, app);
  return app.getUrl();
}

async function stop({ folder }) {
  await open.get(folder)?.close();
  open.delete(folder);
}

process.on('message', ({ task, ...of }) => {
  (task === 'start' ? start(of) : stop(of)).then(
    (address) => process.send({ folder: of.folder, address }),
    (error) => process.send({ folder: of.folder, error: String(error) }),
  );
});
process.on('disconnect', () => process.exit(0));
