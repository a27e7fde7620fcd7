import { createInertiaApp } from '@inertiajs/react';
import { startTransition, StrictMode, type ComponentType } from 'react';
import { createRoot } from 'react-dom/client';
import { followHeadings } from './lib/headingFocus';
import { styleNonce } from './lib/styleNonce';
import { watchVisits } from './lib/unanswered';

styleNonce();
watchVisits();
followHeadings();

const pages = import.meta.glob<{ default: ComponentType }>('./pages/*.tsx');

void createInertiaApp({
    title: (title) => (title === '' ? 'Moss Week' : `${title} · Moss Week`),
    resolve: async (name) => {
        const page = pages[`./pages/${name}.tsx`];
        if (page === undefined) {
            throw new Error(`No page ${name}`);
        }

        return (await page()).default;
    },
    // The progress line is styled in app.css: the page may not carry styles of its own.
    progress: { includeCSS: false, showSpinner: false },
    setup({ el, App, props }) {
        const root = createRoot(el);
        // As a transition, a large page is made in small pieces, and a phone goes on answering meanwhile.
        startTransition(() => {
            root.render(
                <StrictMode>
                    <App {...props} />
                </StrictMode>,
            );
        });
    },
});
