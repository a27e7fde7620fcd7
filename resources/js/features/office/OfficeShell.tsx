import { text } from '@/lib/text';
import { officeText } from '@/lib/officeText';
import { RouteTabs } from '@/ui/SectionTabs';
import { PageHeading } from '@/ui/PageHeading';
import { Shell } from '@/ui/Shell';
import type { ReactNode } from 'react';

/** The frame of the office's pages, with their parts in one line. */
export function OfficeShell({ title, finding, children }: { title: string; finding?: string; children: ReactNode }) {
    return (
        <Shell>
            <RouteTabs label={text.office} tabs={officeText.officePage.tabs} />
            <PageHeading title={title} finding={finding} />
            {children}
        </Shell>
    );
}
