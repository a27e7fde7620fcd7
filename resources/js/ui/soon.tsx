import { useEffect, useState, type ComponentType, type ReactNode } from 'react';
import { TryAgain } from './TryAgain';

const events = ['pointermove', 'pointerdown', 'keydown'] as const;
let awaited: (() => void)[] = [];
let isUsed = false;

function fetchAll() {
    isUsed = true;
    events.forEach((event) => {
        window.removeEventListener(event, fetchAll);
    });
    awaited.forEach((fetch) => {
        fetch();
    });
    awaited = [];
}

/** Does something once somebody does anything on the page, or now if they have. */
function onceUsed(fetch: () => void) {
    if (isUsed) {
        fetch();
    } else if (awaited.push(fetch) === 1) {
        events.forEach((event) => {
            window.addEventListener(event, fetchAll, { passive: true });
        });
    }
}

interface Soon {
    /** What stands there while it is fetched. */
    meanwhile?: ReactNode;
    /** What stands there where it could not be fetched; by default that is said, and can be tried again. */
    instead?: ReactNode;
}

/**
 * A component that is not fetched with the page but as soon as somebody does anything on it: a panel that only opens on a
 * key is there when the key is pressed, and who only reads does not wait for it. What could not be fetched can be tried
 * again, and leaves the page around it as it was.
 */
export function soon<Props extends object>(load: () => Promise<ComponentType<Props>>): ComponentType<Props & Soon> {
    let found: ComponentType<Props> | null = null;
    const fetch = async () => (found ??= await load());
    // Where that fails, it is asked for once more when it is shown.
    onceUsed(() => void fetch().catch(() => undefined));

    return function Soon({ meanwhile, instead, ...props }) {
        const [Part, take] = useState<ComponentType<Props> | null>(() => found);
        const [isLost, lose] = useState(false);
        useEffect(() => {
            if (Part !== null || isLost) {
                return;
            }
            let isLate = false;
            fetch().then(
                (part) => {
                    if (!isLate) {
                        take(() => part);
                    }
                },
                () => {
                    if (!isLate) {
                        lose(true);
                    }
                },
            );

            return () => {
                isLate = true;
            };
        }, [Part, isLost]);

        if (Part !== null) {
            return <Part {...(props as unknown as Props)} />;
        }

        return isLost
            ? (instead ?? (
                  <TryAgain
                      onAgain={() => {
                          lose(false);
                      }}
                  />
              ))
            : meanwhile;
    };
}
