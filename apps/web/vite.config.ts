import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defaultClientConditions, defineConfig } from 'vite';

const api = `http://127.0.0.1:${process.env['HOT_BEAD_PORT'] ?? 4180}`;

export default defineConfig({
  plugins: [react(), tailwindcss()],
  resolve: { conditions: ['@hot-bead/source', ...defaultClientConditions] },
  worker: { format: 'es' },
  // the server speaks to its own pages only: here they come by another port
  server: { proxy: { '/api': { target: api, changeOrigin: true, headers: { origin: api } } } },
  build: {
    target: 'es2023',
    chunkSizeWarningLimit: 600,
    rolldownOptions: {
      output: {
        // modules run in the order they are written in, whichever file they stand in
        strictExecutionOrder: true,
        chunkFileNames: ({ name }) => `assets/${name.startsWith('part~') ? 'part' : '[name]'}-[hash].js`,
        // a page asks for a dozen files and not for a hundred: each costs its own way there and back
        codeSplitting: {
          groups: [
            { name: 'app', tags: ['$initial'], priority: 3 },
            { name: 'common', minShareCount: 8, priority: 2 },
            { name: 'part', minShareCount: 2, entriesAware: true },
          ],
        },
      },
    },
  },
});
