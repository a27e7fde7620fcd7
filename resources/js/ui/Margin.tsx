import type { ReactNode } from 'react';

/** The margin: remarks that stand beside the thing they speak of. */
export function Margin({ label, children }: { label: string; children: ReactNode }) {
    return (
        <aside
            aria-label={label}
            className="no-print flex flex-col gap-4 border-rule text-[0.92rem] max-lg:mt-5 max-lg:border-t max-lg:pt-3 lg:sticky lg:top-0 lg:max-h-dvh lg:self-start lg:overflow-y-auto lg:border-s lg:py-1 lg:ps-4 lg:pe-1"
        >
            {children}
        </aside>
    );
}

/** One remark with its heading. */
export function AttentionItem({ title, children }: { title: string; children: ReactNode }) {
    return (
        <section>
            <h2 className="text-faded">{title}</h2>
            <div className="mt-1">{children}</div>
        </section>
    );
}
