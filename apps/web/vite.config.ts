import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { brotliCompressSync } from 'node:zlib';
import { defineConfig, type Plugin } from 'vite';

const IS_TEXT = /\.(js|css|html|svg)$/;

/** Lays a compressed copy beside every file of text, as small as it gets: once here instead of at every request. */
function compressed(): Plugin {
  let folder = '';
  return {
    name: 'compressed',
    apply: 'build',
    configResolved: ({ root, build }) => void (folder = join(root, build.outDir)),
    closeBundle() {
      for (const entry of readdirSync(folder, { recursive: true, withFileTypes: true })) {
        const path = join(entry.parentPath, entry.name);
        if (entry.isFile() && IS_TEXT.test(entry.name)) writeFileSync(`${path}.br`, brotliCompressSync(readFileSync(path)));
      }
    },
  };
}

export default defineConfig({
  plugins: [react(), tailwindcss(), compressed()],
  resolve: {
    alias: {
      '@': fileURLToPath(new URL('./src', import.meta.url)),
      // The same writer for browsers: the other one wants Node's own buffers.
      'csv-stringify/sync': 'csv-stringify/browser/esm/sync',
    },
  },
  build: {
    target: 'es2023',
    assetsInlineLimit: 0,
    // Read by scripts/firstScripts.mjs.
    manifest: true,
    modulePreload: { polyfill: false },
    rolldownOptions: {
      output: {
        codeSplitting: {
          groups: [
            // What every page needs comes in few files: each one more is a request, and its headers, before anything is seen.
            { name: 'libraries', test: /node_modules.(react|react-dom|react-router|react-redux|scheduler|redux|immer|@reduxjs)[\\/]/ },
            {
              name: 'kit',
              test: /(apps.web.src.(ui|parts|api|workspace)|packages.(core|drawing))[\\/]|lucide-react|radix|floating-ui|virtual/,
              minShareCount: 2,
            },
          ],
        },
      },
    },
  },
  worker: { format: 'es' },
  server: { host: '127.0.0.1', proxy: { '/api': 'http://127.0.0.1:4640', '^/w/[^/]+/api': 'http://127.0.0.1:4640' } },
});
