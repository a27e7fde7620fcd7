import { useShared } from '@/lib/shared';
import { text } from '@/lib/text';
import { RouteTabs } from './SectionTabs';

/** The tabs of comparing; the load of people is not for those who only read. */
export function CompareTabs() {
    const { signedIn } = useShared();
    const { load, ...others } = text.compareTabs;

    return <RouteTabs label={text.compare} tabs={signedIn?.recordsTime === true ? { ...others, load } : others} />;
}
