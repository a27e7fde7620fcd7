import { lazy, type ComponentType, type LazyExoticComponent } from 'react';

const events = ['pointermove', 'pointerdown', 'keydown'] as const;
let awaited: (() => Promise<unknown>)[] = [];
let isUsed = false;

function fetchAll() {
    isUsed = true;
    events.forEach((event) => {
        window.removeEventListener(event, fetchAll);
    });
    // What cannot be fetched now is asked for once more when it is shown.
    awaited.forEach((load) => void load().catch(() => undefined));
    awaited = [];
}

/**
 * A component that is not fetched with the page but as soon as somebody does anything on it: a panel that only opens on a
 * key is there when the key is pressed, and who only reads does not wait for it.
 */
export function soon<Props>(load: () => Promise<ComponentType<Props>>): LazyExoticComponent<ComponentType<Props>> {
    if (isUsed) {
        void load().catch(() => undefined);
    } else {
        if (awaited.length === 0) {
            events.forEach((event) => {
                window.addEventListener(event, fetchAll, { passive: true });
            });
        }
        awaited.push(load);
    }

    return lazy(async () => ({ default: await load() }));
}
