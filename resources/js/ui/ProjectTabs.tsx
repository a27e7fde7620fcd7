import { route } from '@/lib/route';
import { text } from '@/lib/text';
import { SectionTabs } from './SectionTabs';

interface ProjectTabsProps {
    code: string;
    /** Few projects have one, so it stands there where one is. */
    withTracker?: boolean;
}

/** The pages of a project. */
export function ProjectTabs({ code, withTracker }: ProjectTabsProps) {
    return (
        <SectionTabs
            label={text.projectTabs.label}
            tabs={[
                [route('project', { project: code }), text.projectTabs.standing],
                [route('project.plan', { project: code }), text.projectTabs.plan],
                ...(withTracker === true
                    ? [[route('project.tracker', { project: code }), text.projectTabs.tracker] as const]
                    : []),
            ]}
        />
    );
}
