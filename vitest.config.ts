import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vitest/config';

export default defineConfig({
    resolve: { alias: { '@': fileURLToPath(new URL('resources/js', import.meta.url)) } },
    test: { pool: 'threads', include: ['resources/js/**/*.test.ts', 'resources/js/**/*.test.tsx'] },
});
