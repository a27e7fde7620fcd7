import { read } from '@/lib/http';
import { route } from '@/lib/route';
import { text } from '@/lib/text';
import type { HoursFormat, PastPlanProps } from '@/types/generated/props';
import { AttentionItem } from '@/ui/Margin';
import { useEffect, useState } from 'react';
import { pastPlanText } from './pastText';

interface PastPlanRemarkProps {
    project: string;
    /** Of the task that is planned. */
    name: string;
    minutes: number;
    format: HoursFormat;
}

/** In pencil, what finished tasks like a planned one came to; nothing where there are too few of them. */
export function PastPlanRemark({ project, name, minutes, format }: PastPlanRemarkProps) {
    const [past, setPast] = useState<PastPlanProps | null>(null);
    useEffect(() => {
        let isOver = false;
        void read<{ past: PastPlanProps | null }>(route('project.plan.past', { project }), { name, minutes }).then((found) => {
            if (!isOver) {
                setPast(found?.past ?? null);
            }
        });

        return () => {
            isOver = true;
        };
    }, [project, name, minutes]);

    return (
        past !== null && (
            <AttentionItem title={text.learning.title}>
                <p className="pencilled">{pastPlanText(past, format)}</p>
            </AttentionItem>
        )
    );
}
