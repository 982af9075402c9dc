/* While the front end is worked on: words that have changed are compiled anew, and the page is loaded again. */
import { execFile } from 'node:child_process';

export const wordsReload = () => ({
  name: 'words-reload',
  apply: 'serve',
  configureServer(server) {
    server.watcher.add(new URL('../../lang/en', import.meta.url).pathname);
    server.watcher.on('change', (file) => {
      if (file.includes('/lang/en/')) {
        execFile(process.execPath, [new URL('words.mjs', import.meta.url).pathname], (error, _, said) => {
          if (error) server.config.logger.error(said);
          server.ws.send({ type: 'full-reload' });
        });
      } else if (file.endsWith('.php')) {
        server.ws.send({ type: 'full-reload' });
      }
    });
    for (const folder of ['app', 'core/src', 'resources/views']) {
      server.watcher.add(new URL(`../../${folder}`, import.meta.url).pathname);
    }
  },
});
