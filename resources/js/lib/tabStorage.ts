const TAB = 'moss-week tab';

function idOfTab(): string {
    const known = window.sessionStorage.getItem(TAB);
    const id = known ?? crypto.randomUUID();
    if (known === null) {
        window.sessionStorage.setItem(TAB, id);
    }
    // Held for as long as the tab lives, so that others can tell.
    if ('locks' in navigator) {
        void navigator.locks.request(`${TAB} ${id}`, () => new Promise(() => undefined));
    }

    return id;
}

let tab: string | null = null;

function keyOf(place: string): string {
    tab ??= idOfTab();

    return `${place} @${tab}`;
}

/** What this tab keeps at a place; it outlives the tab. */
export function readOfTab(place: string): string | null {
    return window.localStorage.getItem(keyOf(place));
}

/** Keeps a text at a place for this tab; null forgets it. */
export function keepForTab(place: string, text: string | null): void {
    if (text === null) {
        window.localStorage.removeItem(keyOf(place));
    } else {
        window.localStorage.setItem(keyOf(place), text);
    }
}

/** What tabs that are gone kept at a place; from then on it is whose who asks. */
export async function inheritedAt(place: string): Promise<string[]> {
    const own = keyOf(place);
    const keys = Object.keys(window.localStorage).filter((key) => key.startsWith(`${place} @`) && key !== own);
    if (keys.length === 0 || !('locks' in navigator)) {
        return [];
    }
    const held = new Set(((await navigator.locks.query()).held ?? []).map(({ name }) => name));
    const texts: string[] = [];
    for (const key of keys.filter((one) => !held.has(`${TAB} ${one.slice(one.lastIndexOf('@') + 1)}`))) {
        const text = window.localStorage.getItem(key);
        window.localStorage.removeItem(key);
        if (text !== null) {
            texts.push(text);
        }
    }

    return texts;
}
