import { router } from '@inertiajs/react';

/** Pages before one is in; what follows them begins at its top, like any page that is opened anew. */
const ENTRANCES = /^\/(sign-in|start|password)(\/|$)/;

/**
 * After following a link to another page, goes to its heading: readers of a screen hear where they are, and Tab goes on from there. A
 * page that puts the focus somewhere itself, or that stays as it is, such as another week, keeps it.
 */
export function followHeadings(): void {
    let path = window.location.pathname;
    router.on('navigate', ({ detail: { page } }) => {
        const from = path;
        path = new URL(page.url, window.location.origin).pathname;
        if (path === from || ENTRANCES.test(from)) {
            return;
        }
        // Once the page is drawn.
        window.requestAnimationFrame(() => {
            window.setTimeout(() => {
                const heading = document.querySelector<HTMLElement>('main h1');
                if (heading !== null && (document.activeElement ?? document.body) === document.body) {
                    heading.tabIndex = -1;
                    heading.focus({ preventScroll: true });
                }
            });
        });
    });
}
