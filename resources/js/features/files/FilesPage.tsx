import { OfficeShell } from '@/features/office';
import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import type { TransfersProps } from '@/types/generated/props';
import { FieldError } from '@/ui/FieldError';
import { Paging } from '@/ui/Paging';
import { ExportForm } from './ExportForm';
import { ImportForm } from './ImportForm';
import { TransferList } from './TransferList';

const copy = officeText.filesPage;

/** Files in and out. */
export function FilesPage({ files }: { files: TransfersProps }) {
    const { transfers, kinds, page, pages } = files;

    return (
        <OfficeShell title={copy.title} finding={copy.finding(transfers.length)}>
            <FieldError />
            <div className="mt-4 grid grid-cols-[minmax(0,1fr)] gap-x-14 gap-y-8 lg:grid-cols-2">
                <ImportForm />
                <ExportForm kinds={kinds} />
            </div>
            {transfers.length > 0 && <TransferList transfers={transfers} />}
            <Paging page={page} pages={pages} address={(other) => route('office.files', {}, { page: other })} className="mt-3" />
        </OfficeShell>
    );
}
