import { route } from '@/lib/route';
import { router } from '@inertiajs/react';
import { useState } from 'react';

/** Declares tasks of a project done for all, and open again. What is refused is known with the task that it was result of. */
export function useDone(project: string) {
    const [refused, setRefused] = useState<{ task: number; sentence: string } | null>(null);

    return {
        refusalOf: (task: number): string | null => (refused?.task === task ? refused.sentence : null),
        /** Repeated for the same task, it counts although others have hours remaining. */
        declare: (task: number, done: boolean) => {
            router.put(
                route('project.task-done', { project, task }),
                { done, confirmed: refused?.task === task },
                {
                    preserveScroll: true,
                    preserveState: true,
                    onSuccess: () => {
                        setRefused(null);
                    },
                    onError: (errors) => {
                        setRefused({ task, sentence: errors.done ?? '' });
                    },
                },
            );
        },
    };
}
