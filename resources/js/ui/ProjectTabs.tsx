import { route } from '@/lib/route';
import { text } from '@/lib/text';
import { SectionTabs } from './SectionTabs';

interface ProjectTabsProps {
    code: string;
    /** A page that few open, which stands there where one is. */
    here?: 'tracker' | 'schedule';
}

/** The pages of a project. */
export function ProjectTabs({ code, here }: ProjectTabsProps) {
    return (
        <SectionTabs
            label={text.projectTabs.label}
            tabs={[
                [route('project', { project: code }), text.projectTabs.standing],
                [route('project.plan', { project: code }), text.projectTabs.plan],
                ...(here === undefined ? [] : [[route(`project.${here}`, { project: code }), text.projectTabs[here]] as const]),
            ]}
        />
    );
}
