import { text } from '@/lib/text';
import type { TimesheetsProps } from '@/types/generated/props';
import { PageHeading } from '@/ui/PageHeading';
import { Shell } from '@/ui/Shell';
import { OwnersTable } from './OwnersTable';
import { Recorders } from './Recorders';

/** Whose sheets the reader records in, and who records in theirs. */
export function TimesheetsPage({ sheets }: { sheets: TimesheetsProps }) {
    return (
        <Shell>
            <PageHeading
                title={text.sheets}
                finding={sheets.search === '' ? text.timesheetsPage.finding(sheets.owners.length + sheets.more) : undefined}
            />
            <div className="mt-3 grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-6 lg:grid-cols-[minmax(0,1fr)_24rem]">
                <OwnersTable sheets={sheets} />
                <Recorders sheets={sheets} />
            </div>
        </Shell>
    );
}
