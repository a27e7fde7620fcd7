import { text } from '@/lib/text';
import { useEffect, useRef } from 'react';

/** Every key, by what it is for. */
export function KeyList({ onClose }: { onClose: () => void }) {
    const close = useRef<HTMLButtonElement>(null);
    useEffect(() => {
        close.current?.focus();
    }, []);

    return (
        <section
            aria-labelledby="keys-title"
            onKeyDown={(event) => {
                if (event.key === 'Escape' || event.key === '?') {
                    event.stopPropagation();
                    onClose();
                }
            }}
        >
            <div className="flex items-baseline justify-between gap-2">
                <h2 id="keys-title">{text.week.keys.title}</h2>
                <button ref={close} type="button" className="act-quiet" onClick={onClose}>
                    {text.week.close}
                </button>
            </div>
            {text.week.keys.groups.map(([group, keys]) => (
                <div key={group}>
                    <h3 className="mt-2 text-faded">{group}</h3>
                    <dl className="grid grid-cols-[6.4rem_1fr] gap-x-3 text-[0.92em]">
                        {keys.map(([key, does]) => (
                            <div key={key} className="col-span-2 grid grid-cols-subgrid">
                                <dt className="whitespace-nowrap">{key}</dt>
                                <dd className="text-faded">{does}</dd>
                            </div>
                        ))}
                    </dl>
                </div>
            ))}
        </section>
    );
}
