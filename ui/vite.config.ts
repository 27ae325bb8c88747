import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig, type Plugin } from 'vite';

/** Writes sw.js with the names of what was built: another build is another cache. */
function fieldWorker(): Plugin {
  return {
    name: 'field-worker',
    apply: 'build',
    generateBundle(_, bundle) {
      const names = Object.keys(bundle)
        .filter((name) => /\.(js|css|woff2)$/.test(name))
        .sort();
      const built = createHash('sha256').update(names.join()).digest('hex').slice(0, 12);
      const source = readFileSync('sw.js', 'utf8')
        .replace('BUILT', built)
        .replace("['/']", JSON.stringify(['/', '/mark.svg', ...names.map((name) => `/${name}`)]));
      this.emitFile({ type: 'asset', fileName: 'sw.js', source });
    },
  };
}

export default defineConfig({
  plugins: [react(), tailwindcss(), fieldWorker()],
  build: { assetsInlineLimit: 0, chunkSizeWarningLimit: 1000 },
  server: { proxy: { '/api': 'http://127.0.0.1:5080', '/live': { target: 'http://127.0.0.1:5080', ws: true } } },
});
