import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vitest/config';

export default defineConfig({
    resolve: { alias: { '@': fileURLToPath(new URL('resources/js', import.meta.url)) } },
    test: {
        pool: 'threads',
        projects: [
            { extends: true, test: { name: 'components', include: ['resources/js/**/*.test.tsx'] } },
            // Decisions leave nothing behind, so that they need no world of their own.
            { extends: true, test: { name: 'decisions', include: ['resources/js/**/*.test.ts'], isolate: false } },
        ],
    },
});
