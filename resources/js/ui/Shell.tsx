import { useCovered } from '@/lib/covered';
import { wholeDate } from '@/lib/days';
import { route } from '@/lib/route';
import { keepOffline } from '@/lib/offline';
import { useShared } from '@/lib/shared';
import { text } from '@/lib/text';
import type { SignedInProps } from '@/types/generated/props';
import { Link } from '@inertiajs/react';
import { useEffect, type ReactNode } from 'react';
import { AccountMenu } from './AccountMenu';
import { Sections } from './Sections';
import { soon } from './soon';
import { ThemeChoice } from './ThemeChoice';
import { takeGiven, useTimer } from './timer/timerStore';
import { SignedOutLine } from './SignedOutLine';
import { UnansweredLine } from './UnansweredLine';

const TimerLine = soon(async () => (await import('./timer/TimerLine')).TimerLine);
const Toasts = soon(async () => (await import('./Toasts')).Toasts);

/** Takes the timer that the page was given with, before anything shows it. */
function useGivenTimer(signedIn: SignedInProps | null) {
    const timer = signedIn?.timer ?? null;
    const code = signedIn?.code ?? null;
    useEffect(() => {
        if (code !== null) {
            takeGiven(code, timer);
        }
    }, [code, timer]);
}

/** Lets the week and the tasks of whoever records time open without a network. */
function useOffline(signedIn: SignedInProps | null) {
    const code = signedIn?.recordsTime === true ? signedIn.code : null;
    const week = signedIn?.week ?? '';
    useEffect(() => {
        if (code !== null) {
            keepOffline(code, week);
        }
    }, [code, week]);
}

interface ShellProps {
    children: ReactNode;
    /** Where the work of the page begins, for who skips what is above it. */
    skipTo?: string;
}

/** The frame of every page: the sections in one line, what was just done, and the work below. */
export function Shell({ children, skipTo = '#page' }: ShellProps) {
    const { signedIn, refusal, done, today } = useShared();
    const isCovered = useCovered();
    useGivenTimer(signedIn);
    useOffline(signedIn);
    const { timer, message } = useTimer();
    const hasTimer = timer !== null || message !== null || signedIn?.toInk != null;

    return (
        <>
            <div inert={isCovered} className="mx-auto flex min-h-dvh max-w-[96rem] flex-col px-4 sm:px-6">
                <a href={skipTo} className="sr-only focus:not-sr-only">
                    {text.skip}
                </a>
                <header className="no-print flex flex-wrap items-center gap-x-6 gap-y-1 border-b border-rule py-1.5">
                    {signedIn !== null && <span className="text-moss italic">{text.app}</span>}
                    {signedIn !== null && <Sections signedIn={signedIn} />}
                    <span className="ms-auto flex flex-wrap items-center gap-x-4 text-faded">
                        {signedIn !== null && (
                            <Link
                                href={route('messages')}
                                className="min-h-6 text-ink underline-offset-4 hover:underline"
                                title={signedIn.unread > 0 ? text.unread(signedIn.unread) : undefined}
                            >
                                {text.messages}
                                {signedIn.unread > 0 && <span className="ms-1.5 text-ochre">{signedIn.unread}</span>}
                            </Link>
                        )}
                        {signedIn === null ? <ThemeChoice /> : <AccountMenu person={signedIn} />}
                    </span>
                </header>
                {signedIn !== null && hasTimer && <TimerLine person={signedIn} />}
                <main id="page" tabIndex={-1} className="flex-1 pt-3 pb-8 outline-none">
                    <SignedOutLine />
                    <UnansweredLine />
                    {refusal !== null && (
                        <p role="alert" className="mb-3 border-s-2 border-brick ps-3 text-brick">
                            {refusal}
                        </p>
                    )}
                    {typeof signedIn?.recalculated === 'number' && (
                        <p className="mb-2 border-s-2 border-ochre ps-3 text-ochre">
                            {text.recalculating(signedIn.recalculated)}
                        </p>
                    )}
                    {children}
                    {signedIn !== null && (
                        <p className="print-only mt-2 text-faded">{text.printed(signedIn.name, wholeDate(today))}</p>
                    )}
                </main>
            </div>
            {done !== null && (
                <Toasts
                    done={done}
                    instead={
                        <p role="status" className="px-6 py-2">
                            {done.sentence}
                        </p>
                    }
                />
            )}
        </>
    );
}
