import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import laravel from 'laravel-vite-plugin';
import { readdirSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vite';
import { compressed } from './vite.compressed';

/** How many pages there are, each fetched when it is visited. */
const PAGES = readdirSync('resources/js/pages').length;

/** Parts of Radix that most of its controls are made with. */
const BASIS =
    /@radix-ui\/(primitive|number|react-(primitive|slot|compose-refs|context|use-[a-z-]+|id|presence|direction|collection|roving-focus|portal|visually-hidden))\//;

/** Few files, so that a phone asks few times: what every page needs, and controls that are used together. */
const groups = [
    { name: 'libraries', test: /node_modules/, minShareCount: PAGES - 2, priority: 7 },
    { name: 'libraries', test: /lib\/styleNonce|get-nonce/, priority: 7 },
    // What a language is written with stands alone: the rest waits for the language.
    { name: 'language', test: /\/lib\/(locale|numbers|plural|route)\.ts|generated\/routes/, priority: 6 },
    { name: 'shared', test: /resources\/js\/(lib|ui)\//, minShareCount: PAGES - 2, priority: 5 },
    { name: 'choices', test: BASIS, priority: 4 },
    { name: 'choices', test: /\/ui\/(Checkbox|RadioGroup|Switch|Tabs|ToggleGroup)\.tsx/, priority: 3 },
    { name: 'grid', test: /\/ui\/grid\/(?!CellCombobox)/, minShareCount: 2, priority: 2 },
    // Small things that several pages have; not what only the time office opens.
    {
        name: 'parts',
        test: /resources\/js\/(lib|ui)\/(?!grid|Combobox\.|Date|Tooltip|Dialog|ConfirmDialog|Popover|AccountPopover|SelectList|File|OwnField|useUploads|officeText)/,
        minShareCount: 5,
        priority: 1,
    },
    // Fields that only some pages have, with what they alone need.
    { name: 'fields', test: /\/ui\/(Combobox|DateField|Tooltip)\.tsx/, priority: 0 },
];

export default defineConfig({
    plugins: [
        laravel({ input: ['resources/css/app.css', 'resources/js/app.tsx', 'resources/js/worker/serviceWorker.ts'] }),
        react(),
        tailwindcss(),
        compressed(),
    ],
    build: {
        // The page names what it needs; looking through its links for that again costs a phone a tenth of a second.
        modulePreload: false,
        rolldownOptions: {
            output: {
                codeSplitting: {
                    groups,
                },
            },
        },
    },
    resolve: { alias: { '@': fileURLToPath(new URL('resources/js', import.meta.url)) } },
});
