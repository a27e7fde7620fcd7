import { route } from '@/lib/route';
import type { SheetAddressProps } from '@/types/generated/props';
import { put } from '@/lib/http';
import { changedOffline } from '@/lib/offline';
import { inheritedAt, keepForTab, readOfTab } from '@/lib/tabStorage';
import { text } from '@/lib/text';
import { router } from '@inertiajs/react';
import { useEffect, useState, type Dispatch } from 'react';
import { flushSync } from 'react-dom';
import { SaveQueue, type Sending } from './saveQueue';
import type { SheetChange } from './sheetState';

const RETRY_AFTER = 5000;

/** Sends what is typed, keeps it while the server is away, and warns before it would be lost. */
export function useSaveQueue(at: SheetAddressProps, reader: string, change: Dispatch<SheetChange>) {
    const [parts] = useState(() => {
        // For this tab: it outlives a reload and the tab, and no other tab sends it as long as this one lives.
        const place = `moss-week unsaved ${reader} ${route('week.of', at)}`;
        const queue = new SaveQueue({
            send: (cells) => put(route('week.cells', at), { cells }),
            keep: (stored) => {
                keepForTab(place, stored);
            },
            onAnswer: (answer) => {
                changedOffline();
                // Drawn at once: what is typed next must be typed over the version that has just come.
                flushSync(() => {
                    change({ kind: 'answered', answer });
                });
            },
            onStored: (keys, message) => {
                change({ kind: 'stored', keys, message });
            },
            onRefused: (keys, message) => {
                change({ kind: 'refused', keys, message });
            },
            sentences: { offline: text.week.offline, lost: text.lost },
        });

        return { place, queue, stored: SaveQueue.readStored(readOfTab(place)) };
    });
    const { place, queue, stored } = parts;
    const [acts] = useState(() => ({
        add: (sendings: Sending[]) => {
            queue.add(sendings);
        },
        forget: (key: string) => {
            queue.forget(key);
        },
        isEmpty: () => queue.isEmpty(),
        retry: () => void queue.flush(),
    }));

    useEffect(() => {
        if (stored.length > 0) {
            change({ kind: 'wanted', wanted: new Map(stored.map(({ key, wanted }) => [key, wanted])) });
            queue.add(stored.splice(0));
        }
        // What a tab wrote that is gone, such as an application that was closed without a network.
        void inheritedAt(place).then((texts) => {
            const sendings = texts.flatMap((text) => SaveQueue.readStored(text));
            if (sendings.length > 0) {
                change({ kind: 'wanted', wanted: new Map(sendings.map(({ key, wanted }) => [key, wanted])) });
                queue.add(sendings);
            }
        });
        const retry = () => void queue.flush();
        const timer = window.setInterval(retry, RETRY_AFTER);
        window.addEventListener('online', retry);
        document.addEventListener('visibilitychange', retry);
        const warn = (event: BeforeUnloadEvent) => {
            // What is still being typed counts as typed.
            if (document.activeElement instanceof HTMLElement) {
                document.activeElement.blur();
            }
            if (!queue.isEmpty()) {
                event.preventDefault();
            }
        };
        window.addEventListener('beforeunload', warn);
        const stopAsking = router.on('before', ({ detail: { visit } }) => {
            const { pathname } = visit.url;
            const leaves = pathname === route('sign-out') || (visit.method === 'get' && pathname !== window.location.pathname);

            return !leaves || queue.isEmpty() || window.confirm(text.week.leave);
        });

        return () => {
            window.clearInterval(timer);
            window.removeEventListener('online', retry);
            document.removeEventListener('visibilitychange', retry);
            window.removeEventListener('beforeunload', warn);
            stopAsking();
        };
    }, [place, queue, stored, change]);

    return acts;
}
