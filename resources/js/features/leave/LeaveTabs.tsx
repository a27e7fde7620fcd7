import { officeText } from '@/lib/officeText';
import { text } from '@/lib/text';
import { RouteTabs } from '@/ui/SectionTabs';

/** The parts of leave; requests only for who decides on any. */
export function LeaveTabs({ decides }: { decides: boolean }) {
    const { tabs, requestsTab } = officeText.leavePage;

    return <RouteTabs label={text.leaveName} tabs={decides ? { ...tabs, ...requestsTab } : tabs} />;
}
