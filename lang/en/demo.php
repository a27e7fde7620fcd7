<?php

declare(strict_types=1);

return [
    'people' => [
        'ines.calder' => 'records her week on three projects, and has two entries to put right',
        'idris.calloway' => 'manages the lantern refit and leads the coast team',
        'dov.merriman' => 'manages the packhorse bridge, and stands in for a colleague on leave',
        'corin.ashdown' => 'is a surveyor with more planned than his days hold',
        'hester.amadi' => 'manages wet ground, where two people hand in late',
        'tobin.vale' => 'keeps the time office and sees everything',
        'sunniva.bright' => 'reads how the projects stand, and changes nothing',
    ],
];
