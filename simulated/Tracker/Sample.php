<?php

declare(strict_types=1);

namespace Simulated\Tracker;

/** What the tracker of the demonstration begins with. */
final class Sample
{
    public static function fill(Store $store, string $today): void
    {
        if ($store->read()->count > 0) {
            return;
        }
        $store->change(static function (Data $data) use ($today): void {
            $data->projects = [['key' => 'TIDE', 'name' => 'Tide gauges']];
            $data->people = [
                new Member('icalder', 'Ines Calder', 'ines.calder@fenlight.example'),
                new Member('creyes', 'Callum Reyes', 'callum.reyes@fenlight.example'),
                new Member('h.wick', 'Hester Wick', 'hester.wick@elsewhere.example'),
            ];
            $data->saveTask('TIDE', 'TIDE-1', 'Calibrate the float', 'in progress', ['icalder'], 960);
            $data->saveTask('TIDE', 'TIDE-2', 'Replace the data logger', 'open', ['creyes'], 480);
            $data->saveTask('TIDE', 'TIDE-3', 'Photograph the stilling well', 'blocked', ['h.wick'], 120);
            $data->comment('TIDE-3', 'h.wick', $today, 'Waiting for a low spring tide');
            $data->addTime('TIDE-1', 'icalder', $today, 90, 'Float checked against the staff');
            $data->addTime('TIDE-3', 'h.wick', $today, 30, 'Looked at the well');
        });
    }
}
