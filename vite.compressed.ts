import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { brotliCompressSync, gzipSync } from 'node:zlib';
import type { Plugin } from 'vite';

/** Leaves beside each text that is built the same text compressed, which a web server sends to browsers that can read it. */
export function compressed(): Plugin {
    return {
        name: 'compressed',
        apply: 'build',
        writeBundle({ dir }, bundle) {
            for (const file of Object.values(bundle).filter(({ fileName }) => /\.(js|css|svg)$/.test(fileName))) {
                const content = Buffer.from(file.type === 'chunk' ? file.code : file.source);
                const path = join(dir ?? '.', file.fileName);
                writeFileSync(`${path}.gz`, gzipSync(content, { level: 9 }));
                writeFileSync(`${path}.br`, brotliCompressSync(content));
            }
        },
    };
}
