import { dayAndMonth } from '@/lib/days';
import { text } from '@/lib/text';
import type { TimerProps } from '@/types/generated/props';
import type { TimerAct } from './timerActs';
import { TimerNote } from './TimerNote';

const copy = text.timer;

interface RunningTimerProps {
    timer: TimerProps;
    /** What it has come to, as the person reads hours. */
    measured: string;
    onAct: (act: TimerAct) => void;
}

/** What is being timed and what can be done with it. */
export function RunningTimer({ timer, measured, onAct }: RunningTimerProps) {
    const { isRunning, taskName, projectName, since, note } = timer;
    const button = (name: string, act: TimerAct, keys?: string) => (
        <button
            type="button"
            className="act-quiet"
            aria-keyshortcuts={keys}
            title={keys}
            onClick={() => {
                onAct(act);
            }}
        >
            {name}
        </button>
    );

    return (
        <>
            <p className="pencilled min-w-0 [overflow-wrap:anywhere]">
                {isRunning ? copy.running(taskName, projectName) : copy.paused(taskName, projectName)}{' '}
                <span
                    role="timer"
                    aria-label={copy.measured}
                    className="border-b border-dashed border-pencil text-ink not-italic"
                >
                    {measured}
                </span>{' '}
                {copy.since(since.slice(11), dayAndMonth(since.slice(0, 10)))}
            </p>
            {button(isRunning ? copy.pause : copy.resume, { kind: isRunning ? 'pause' : 'resume' }, 'Alt+P')}
            {button(copy.stop, { kind: 'stop', at: null }, 'Alt+S')}
            <TimerNote
                key={`${String(timer.id)} ${note}`}
                note={note}
                onWrite={(written) => {
                    onAct({ kind: 'note', note: written });
                }}
            />
            {button(copy.discard, { kind: 'discard' })}
        </>
    );
}
