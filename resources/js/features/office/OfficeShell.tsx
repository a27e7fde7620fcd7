import { text } from '@/lib/text';
import { officeText } from '@/lib/officeText';
import { GroupedTabs } from '@/ui/SectionTabs';
import { PageHeading } from '@/ui/PageHeading';
import { Shell } from '@/ui/Shell';
import type { ReactNode } from 'react';

/** The frame of the office's pages: their groups in one line, those of the group that one is in below. */
export function OfficeShell({ title, finding, children }: { title: string; finding?: string; children: ReactNode }) {
    return (
        <Shell>
            <GroupedTabs label={text.office} groups={officeText.officePage.groups} />
            <PageHeading title={title} finding={finding} />
            {children}
        </Shell>
    );
}
