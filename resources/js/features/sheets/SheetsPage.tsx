import { text } from '@/lib/text';
import type { SheetsProps } from '@/types/generated/props';
import { Shell } from '@/ui/Shell';
import { Head } from '@inertiajs/react';
import { OwnersTable } from './OwnersTable';
import { Recorders } from './Recorders';

/** Whose sheets the reader records in, and who records in theirs. */
export function SheetsPage({ sheets }: { sheets: SheetsProps }) {
    return (
        <Shell>
            <Head title={text.sheets} />
            <div className="grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-6 lg:grid-cols-[minmax(0,1fr)_24rem]">
                <OwnersTable sheets={sheets} />
                <Recorders sheets={sheets} />
            </div>
        </Shell>
    );
}
