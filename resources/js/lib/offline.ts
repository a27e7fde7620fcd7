import { route } from './route';

/** How long after something was saved the kept pages are fetched anew, in milliseconds. */
const SETTLED = 5000;

let asked: { person: string; pages: string[]; current: string } | null = null;
let timer: number | undefined;

async function tell(message: object): Promise<void> {
    const registration = await navigator.serviceWorker.ready;
    registration.active?.postMessage(message);
}

function isSupported(): boolean {
    return 'serviceWorker' in navigator && window.isSecureContext;
}

/** Lets the week and the tasks of a person open without a network from now on. */
export function keepOffline(person: string, week: string): void {
    const current = route('week', { week });
    const isKnown = asked?.person === person && asked.current === current;
    if (!isSupported() || isKnown) {
        return;
    }
    asked = { person, pages: [current, route('tasks')], current };
    const register = () => {
        void navigator.serviceWorker
            .register(route('service-worker'))
            .then(() => tell({ kind: 'keep', ...asked }))
            .catch(() => undefined);
    };
    // After everything that the page itself needs.
    if (document.readyState === 'complete') {
        register();
    } else {
        window.addEventListener('load', register, { once: true });
    }
}

/** Something of the kept pages has changed: they are fetched anew once that has settled. */
export function changedOffline(): void {
    if (asked !== null && isSupported()) {
        window.clearTimeout(timer);
        timer = window.setTimeout(() => void tell({ kind: 'keep', ...asked }), SETTLED);
    }
}

/** Leaves nothing of a person on the device: neither pages nor what was not sent. */
export async function forgetOffline(): Promise<void> {
    window.clearTimeout(timer);
    asked = null;
    for (const storage of [window.localStorage, window.sessionStorage]) {
        Object.keys(storage)
            .filter((key) => key.startsWith('moss-week'))
            .forEach((key) => {
                storage.removeItem(key);
            });
    }
    if (isSupported()) {
        const registrations = await navigator.serviceWorker.getRegistrations();
        registrations.forEach(({ active }) => {
            active?.postMessage({ kind: 'forget' });
        });
        await Promise.all((await caches.keys()).map((name) => caches.delete(name)));
    }
}
