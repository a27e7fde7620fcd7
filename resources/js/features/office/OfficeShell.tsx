import { text } from '@/lib/text';
import { Parts } from '@/ui/Parts';
import { Shell } from '@/ui/Shell';
import { Head } from '@inertiajs/react';
import type { ReactNode } from 'react';

/** The frame of the office's pages, with their parts in one line. */
export function OfficeShell({ title, children }: { title: string; children: ReactNode }) {
    return (
        <Shell>
            <Head title={title} />
            <Parts label={text.office} parts={text.officePage.parts} />
            {children}
        </Shell>
    );
}
