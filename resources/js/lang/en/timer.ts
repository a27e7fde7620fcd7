import { printNumber } from '@/lib/numbers';

/** The timer that every page shows. */
export const timerText = {
    timer: {
        label: 'Timer',
        running: (task: string, project: string) => `Timing ${task} · ${project}:`,
        paused: (task: string, project: string) => `Paused: ${task} · ${project},`,
        measured: 'Measured so far',
        since: (time: string, day: string) => `since ${time}, ${day}`,
        pause: 'Pause timer',
        resume: 'Resume timer',
        stop: 'Stop timer',
        discard: 'Discard timer',
        note: 'Note for this time',
        toInk: 'Measured time is pencilled and waits for your ink.',
        openWeek: 'Open its week',
        waiting: ' No connection. This counts from when you pressed it and is sent when you are back online.',
        start: 'Start timer',
        forgotten: {
            title: 'A timer that has run for long',
            question: (task: string) =>
                `The timer on ${task} has been running for more than 10 hours without a pause. When did you stop?`,
            at: (time: string, day: string) => `Stop timer at ${time}, ${day}`,
            day: 'Day',
            time: 'Time',
            stop: 'Stop timer then',
            running: 'Keep it running',
        },
        pencilled: {
            title: 'Time to ink',
            ink: 'Ink time',
            showAll: (count: number) => `Show all ${printNumber(count)}`,
            inkAll: (hours: string) => `Ink all ${hours}`,
            change: 'Change time',
            discard: 'Discard time',
            of: (act: string, task: string, day: string, times: string) => `${act}: ${task}, ${day}, ${times}`,
            adds: (hours: string) => `comes on top of ${hours}`,
        },
        change: {
            title: (task: string, day: string) => `${task}, ${day}`,
            times: 'Start and end',
            day: 'Day',
            line: 'Line',
            note: 'Team note',
            notBillable: 'Not billable',
            save: 'Save time',
            splitAt: (time: string) => `Split time at ${time}`,
            remove: 'Remove time',
            cancel: 'Cancel',
            lost: 'Nothing was saved. Try again when you are back online.',
        },
    },
};
