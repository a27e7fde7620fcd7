import { useShared } from '@/lib/shared';
import { text } from '@/lib/text';
import { RouteTabs } from './SectionTabs';

/** The tabs of comparing; the load of people is not for those who only read, projects not for those who have none. */
export function CompareTabs() {
    const { signedIn } = useShared();
    const { load, reported, 'past-tasks': pastTasks, ...others } = text.compareTabs;
    const tabs = {
        ...others,
        ...(signedIn?.recordsTime === true ? { load } : {}),
        ...(signedIn?.seesProjects === true ? { reported } : {}),
        ...(signedIn?.recordsTime === true ? { 'past-tasks': pastTasks } : {}),
    };

    return <RouteTabs label={text.compare} tabs={tabs} />;
}
