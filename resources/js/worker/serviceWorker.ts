/// <reference lib="webworker" />
import { wayOf } from './ways';

export {};
declare const self: ServiceWorkerGlobalScope;
/** What the server writes in front of this: which build it is, and its files. */
declare const MOSS: { version: string; files: string[]; sorry: string };

const FILES = `files ${MOSS.version}`;
const PAGES = 'pages';

/** Under which it is kept which week is the current one, and whose pages they are. */
const CURRENT = 'kept-current';
const PERSON = 'kept-person';

async function keep(address: string, answer: Response): Promise<Response> {
    if (answer.ok && answer.type === 'basic' && !answer.redirected) {
        await (await caches.open(PAGES)).put(address, answer.clone());
    }

    return answer;
}

async function kept(address: string): Promise<Response | undefined> {
    return (await caches.open(PAGES)).match(address);
}

async function noted(address: string): Promise<string | null> {
    return (await (await kept(address))?.text()) ?? null;
}

async function note(address: string, text: string): Promise<void> {
    await (await caches.open(PAGES)).put(address, new Response(text));
}

function sorry(): Response {
    return new Response(MOSS.sorry, { status: 503, headers: { 'Content-Type': 'text/html; charset=utf-8' } });
}

/** From the network, else as it was kept under an address; what the network says is kept. */
async function networkFirst(request: Request, address: string, instead: () => Response): Promise<Response> {
    try {
        return await keep(address, await fetch(request));
    } catch {
        return (await kept(address)) ?? instead();
    }
}

/** The first page: where the network would send somebody, else the week that was current. */
async function start(request: Request): Promise<Response> {
    try {
        return await fetch(request);
    } catch {
        const current = await noted(CURRENT);

        return current === null ? sorry() : Response.redirect(current);
    }
}

/** The data of a page: from the network, else out of the page as it was kept. */
async function visit(request: Request, address: string): Promise<Response> {
    try {
        return await fetch(request);
    } catch {
        const written = /<script data-page="app"[^>]*>([\s\S]*?)<\/script>/.exec((await noted(address)) ?? '')?.[1];

        return written === undefined
            ? Response.error()
            : new Response(written, { headers: { 'Content-Type': 'application/json', 'X-Inertia': 'true', Vary: 'X-Inertia' } });
    }
}

async function file(request: Request): Promise<Response> {
    const found = await caches.match(request, { ignoreVary: true });

    return found ?? fetch(request);
}

/** Fetches pages anew, so that they are there as they are now when the network is not. */
async function keepPages(person: string, pages: string[], current: string): Promise<void> {
    if ((await noted(PERSON)) !== person) {
        // Nobody opens what somebody else left on the device.
        await caches.delete(PAGES);
        await note(PERSON, person);
    }
    await note(CURRENT, current);
    for (const page of pages) {
        try {
            await keep(page, await fetch(page, { headers: { Accept: 'text/html' } }));
        } catch {
            return;
        }
    }
}

self.addEventListener('install', (event) => {
    event.waitUntil(
        caches
            .open(FILES)
            .then((cache) => cache.addAll(MOSS.files))
            .then(() => self.skipWaiting()),
    );
});

self.addEventListener('activate', (event) => {
    event.waitUntil(
        caches
            .keys()
            .then((names) =>
                Promise.all(names.filter((name) => name !== FILES && name !== PAGES).map((name) => caches.delete(name))),
            )
            .then(() => self.clients.claim()),
    );
});

self.addEventListener('message', (event) => {
    const asked = event.data as { kind: 'keep'; person: string; pages: string[]; current: string } | { kind: 'forget' };
    event.waitUntil(
        asked.kind === 'keep'
            ? keepPages(asked.person, asked.pages, asked.current)
            : caches.keys().then((names) => Promise.all(names.map((name) => caches.delete(name)))),
    );
});

self.addEventListener('fetch', (event) => {
    const { request } = event;
    const { origin, pathname } = new URL(request.url);
    const isVisit = request.headers.has('X-Inertia');
    const way =
        origin === self.location.origin
            ? wayOf({
                  method: request.method,
                  path: pathname,
                  isNavigation: request.mode === 'navigate',
                  // What is only a part of a page is not the page.
                  isVisit: isVisit && !request.headers.has('X-Inertia-Partial-Component'),
                  acceptsJson: (request.headers.get('Accept') ?? '').includes('json'),
              })
            : 'network';
    if (way === 'file') {
        event.respondWith(file(request));
    } else if (way === 'start') {
        event.respondWith(start(request));
    } else if (way === 'page') {
        event.respondWith(networkFirst(request, pathname, sorry));
    } else if (way === 'other') {
        event.respondWith(fetch(request).catch(sorry));
    } else if (way === 'visit') {
        event.respondWith(visit(request, pathname));
    } else if (way === 'data') {
        event.respondWith(networkFirst(request, pathname, () => Response.error()));
    }
});
