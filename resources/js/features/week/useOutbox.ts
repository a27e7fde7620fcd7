import { put } from '@/lib/http';
import { text } from '@/lib/text';
import { router } from '@inertiajs/react';
import { useEffect, useState, type Dispatch } from 'react';
import { flushSync } from 'react-dom';
import { Outbox, type Sending } from './outbox';
import type { SheetChange } from './sheetState';

const RETRY_AFTER = 5000;

/** Sends what is typed, keeps it while the server is away, and warns before it would be lost. */
export function useOutbox(address: string, reader: string, change: Dispatch<SheetChange>) {
    const [parts] = useState(() => {
        // In the tab's own storage: it outlives a reload and a discarded tab, and no other tab sends it too.
        const place = `moss-week unsaved ${reader} ${address}`;
        const outbox = new Outbox({
            send: (cells) => put(`${address}/cells`, { cells }),
            keep: (kept) => {
                if (kept === null) {
                    window.sessionStorage.removeItem(place);
                } else {
                    window.sessionStorage.setItem(place, kept);
                }
            },
            onAnswer: (answer) => {
                // Drawn at once: what is typed next must be typed over the version that has just come.
                flushSync(() => {
                    change({ kind: 'answered', answer });
                });
            },
            onKept: (keys, message) => {
                change({ kind: 'kept', keys, message });
            },
            onRefused: (keys, message) => {
                change({ kind: 'refused', keys, message });
            },
            words: { offline: text.week.offline, lost: text.lost },
        });

        return { outbox, kept: Outbox.readKept(window.sessionStorage.getItem(place)) };
    });
    const { outbox, kept } = parts;
    const [acts] = useState(() => ({
        add: (sendings: Sending[]) => {
            outbox.add(sendings);
        },
        forget: (key: string) => {
            outbox.forget(key);
        },
        isEmpty: () => outbox.isEmpty(),
        retry: () => void outbox.flush(),
    }));

    useEffect(() => {
        if (kept.length > 0) {
            change({ kind: 'wanted', wanted: new Map(kept.map(({ key, wanted }) => [key, wanted])) });
            outbox.add(kept.splice(0));
        }
        const retry = () => void outbox.flush();
        const timer = window.setInterval(retry, RETRY_AFTER);
        window.addEventListener('online', retry);
        document.addEventListener('visibilitychange', retry);
        const warn = (event: BeforeUnloadEvent) => {
            // What is still being typed counts as typed.
            if (document.activeElement instanceof HTMLElement) {
                document.activeElement.blur();
            }
            if (!outbox.isEmpty()) {
                event.preventDefault();
            }
        };
        window.addEventListener('beforeunload', warn);
        const stopAsking = router.on('before', ({ detail: { visit } }) => {
            const { pathname } = visit.url;
            const leaves = pathname === '/sign-out' || (visit.method === 'get' && pathname !== window.location.pathname);

            return !leaves || outbox.isEmpty() || window.confirm(text.week.leave);
        });

        return () => {
            window.clearInterval(timer);
            window.removeEventListener('online', retry);
            document.removeEventListener('visibilitychange', retry);
            window.removeEventListener('beforeunload', warn);
            stopAsking();
        };
    }, [outbox, kept, change]);

    return acts;
}
