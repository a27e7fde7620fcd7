import { OfficeShell } from '@/features/office';
import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import type { DirectoryProps } from '@/types/generated/props';
import { Paging } from '@/ui/Paging';
import { SearchBox } from '@/ui/SearchBox';
import { DirectoryForm } from './DirectoryForm';
import { DirectoryTable } from './DirectoryTable';

const copy = officeText.directoryPage;

/** All teams, roles or clients. */
export function DirectoryPage({ directory }: { directory: DirectoryProps }) {
    const { kind, search, rows, found, page, pages } = directory;
    const address = (words: string, other = 1) =>
        route(`office.${kind}`, {}, { search: words || null, page: other === 1 ? null : other });
    const isEmpty = found === 0 && search === '';

    return (
        <OfficeShell title={copy.names[kind]} finding={isEmpty ? copy.empties[kind] : copy.findings[kind](found)}>
            <DirectoryForm key={kind} kind={kind} />
            {!isEmpty && (
                <>
                    <SearchBox label={copy.search} value={search} address={address} className="mt-5" />
                    <DirectoryTable key={`${kind} ${search} ${String(page)}`} kind={kind} rows={rows} />
                    <Paging page={page} pages={pages} address={(other) => address(search, other)} className="mt-3" />
                </>
            )}
        </OfficeShell>
    );
}
