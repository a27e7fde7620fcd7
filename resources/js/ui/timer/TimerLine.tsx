import { hoursWithUnit } from '@/lib/hours';
import { route } from '@/lib/route';
import { text } from '@/lib/text';
import { useStable } from '@/lib/useStable';
import type { SignedInProps } from '@/types/generated/props';
import { Link } from '@inertiajs/react';
import { useEffect, useState } from 'react';
import { ForgottenTimer } from './ForgottenTimer';
import { RunningTimer } from './RunningTimer';
import { secondsBy, type TimerAct } from './timerActs';
import { actOnTimer, forgetMessage, refreshTimer, useTimer } from './timerStore';

const copy = text.timer;

/** How often a running timer is looked at, in milliseconds: it shows whole minutes. */
const LOOK = 5000;

/** For how long it is said what was done. */
const SAID = 20_000;

/** Alt+P and Alt+S, anywhere on a page. */
function useTimerKeys(isRunning: boolean | null, act: (act: TimerAct) => void) {
    const press = useStable((event: KeyboardEvent) => {
        if (isRunning === null || !event.altKey || event.ctrlKey || event.metaKey || event.shiftKey) {
            return;
        }
        if (event.code === 'KeyP' || event.code === 'KeyS') {
            event.preventDefault();
            act(event.code === 'KeyS' ? { kind: 'stop', at: null } : { kind: isRunning ? 'pause' : 'resume' });
        }
    });
    useEffect(() => {
        document.addEventListener('keydown', press);

        return () => {
            document.removeEventListener('keydown', press);
        };
    }, [press]);
}

/** This page's own clock, looked at now and then or when asked. */
function useNow(): [number, () => void] {
    const [now, set] = useState(() => performance.now());
    const look = useStable(() => {
        set(performance.now());
    });
    useEffect(() => {
        const clock = window.setInterval(look, LOOK);

        return () => {
            window.clearInterval(clock);
        };
    }, [look]);

    return [now, look];
}

/** Takes away after a while what was said of the last act. */
function useForgetting(message: string | null) {
    useEffect(() => {
        const timeout = message === null ? undefined : window.setTimeout(forgetMessage, SAID);

        return () => {
            window.clearTimeout(timeout);
        };
    }, [message]);
}

/** Asks when a forgotten timer may have been meant to stop. */
function useSuggestion(seemsForgotten: boolean) {
    useEffect(() => {
        if (seemsForgotten) {
            void refreshTimer();
        }
    }, [seemsForgotten]);
}

/** One line under the sections: what is being timed, in pencil, with what can be done with it. */
export function TimerLine({ person }: { person: SignedInProps }) {
    const shown = useTimer();
    const { timer, message, isRefused, isWaiting } = shown;
    const [now, setNow] = useNow();
    const act = (asked: TimerAct) => {
        setNow();
        actOnTimer(person.code, asked);
    };
    useForgetting(message);
    useTimerKeys(timer?.isRunning ?? null, act);
    const seems = timer?.seemsForgotten === true;
    useSuggestion(seems);
    const measured = hoursWithUnit(Math.floor(secondsBy(shown, Math.max(now, shown.at)) / 60), person.hoursFormat);

    return (
        <section
            aria-label={copy.label}
            className="no-print flex flex-wrap items-baseline gap-x-3 gap-y-1 border-b border-rule py-1"
        >
            {timer !== null && <RunningTimer timer={timer} measured={measured} onAct={act} />}
            {timer === null && message === null && person.toInk !== null && (
                <p className="pencilled">
                    {copy.toInk}{' '}
                    <Link className="act-quiet" href={route('week', { week: person.toInk })}>
                        {copy.openWeek}
                    </Link>
                </p>
            )}
            <p role="status" className={isRefused ? 'text-brick' : 'pencilled'}>
                {message}
                {isWaiting && copy.waiting}
            </p>
            {timer !== null && seems && (
                <ForgottenTimer
                    timer={timer}
                    suggestion={shown.suggestion}
                    onStop={(at) => {
                        act({ kind: 'stop', at });
                    }}
                />
            )}
        </section>
    );
}
