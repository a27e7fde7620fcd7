<?php

declare(strict_types=1);

namespace Demo;

/**
 * What Fenlight Works is busy with. Clients, places and projects are invented.
 */
final class Portfolio
{
    public const CLIENTS = [
        'skerrow' => 'Skerrow Lights Trust',
        'emmer' => 'Parish of Low Emmer',
        'tarn' => 'Tarn and Wendle Water Company',
        'sandle' => 'Sandle Harbour Board',
        'coldmoss' => 'Cold Moss Commoners',
        'hollin' => 'Hollin Tower Trust',
        'thornmere' => 'Parish of Thornmere',
        'quarry' => 'Friends of Sandle Quarry',
    ];

    /**
     * Code: name, client, manager, first and last week from this one, route, kind of work, staff with hours a day, and by
     * how much work really takes longer than planned (in percent).
     *
     * @var array<string, array{string, string, string, int, int, string, string, array<string, int>, int}>
     */
    public const PROJECTS = [
        'LANTERN' => ['Skerrow lantern: lens refit', 'skerrow', 'idris.calloway', -20, 10, '', 'light', ['ines.calder' => 3, 'rafe.penhallow' => 5, 'yusra.lindqvist' => 4, 'bettina.quayle' => 3, 'corin.ashdown' => 4], 0],
        'LEADING' => ['Sandle leading lights', 'sandle', 'ottilie.brandreth', -9, 14, '', 'light', ['magnus.treloar' => 5, 'pilar.duncombe' => 4, 'ines.calder' => 2, 'corin.ashdown' => 4, 'ewan.skerry' => 5], 4],
        'FOGHORN' => ['Fog signal house, Skerrow', 'skerrow', 'ottilie.brandreth', -26, -4, '', 'stone', ['liv.haddow' => 5, 'pilar.duncombe' => 3, 'rafe.penhallow' => 2, 'magnus.treloar' => 2], 2],
        'HARBOUR' => ['Harbour wall condition survey', 'sandle', 'idris.calloway', -6, 12, '', 'survey', ['liv.haddow' => 5, 'corin.ashdown' => 3, 'yusra.lindqvist' => 2, 'ines.calder' => 2, 'bettina.quayle' => 3], 0],
        'CRANE' => ['Treadwheel crane, Sandle quay', 'sandle', 'idris.calloway', -26, -9, '', 'stone', ['corin.ashdown' => 5, 'magnus.treloar' => 6, 'ewan.skerry' => 6, 'ines.calder' => 4, 'pilar.duncombe' => 2], 3],
        'CHAPEL' => ['Chapel of ease, Hollin', 'hollin', 'agnes.thornbury', -26, -10, '', 'stone', ['jonas.petherick' => 6, 'xenia.rowe' => 6, 'silas.wren' => 5, 'tamsin.oduya' => 4, 'ulric.fairfax' => 6, 'wilf.garrity' => 5], -2],
        'REEDS' => ['Reed bed and outfall, Wendle', 'tarn', 'brannoc.leigh', -26, -11, 'line', 'water', ['gideon.park' => 5, 'lorne.whitby' => 6, 'fenna.holt' => 3, 'callum.reyes' => 5, 'mirela.stannard' => 5, 'noor.cavendish' => 4, 'ilse.navarro' => 5], 5],
        'BELLS' => ['Thornmere bell frame repair', 'thornmere', 'agnes.thornbury', -22, 1, '', 'stone', ['cato.ellery' => 5, 'freya.underhill' => 5, 'nadia.brook' => 4, 'vera.lockhart' => 4], 42],
        'BRIDGE' => ['Packhorse bridge at Low Emmer', 'emmer', 'dov.merriman', -18, 6, 'project+line', 'stone', ['silas.wren' => 5, 'tamsin.oduya' => 4, 'ulric.fairfax' => 5, 'wilf.garrity' => 4], 6],
        'SPIRE' => ['Spire survey, Thornmere', 'thornmere', 'dov.merriman', -8, 8, '', 'survey', ['xenia.rowe' => 6, 'nadia.brook' => 3, 'jonas.petherick' => 3, 'vera.lockhart' => 3], -3],
        'GRANARY' => ['Granary steps and loft, Low Emmer', 'emmer', 'agnes.thornbury', -14, 9, '', 'stone', ['jonas.petherick' => 4, 'freya.underhill' => 3, 'cato.ellery' => 2, 'tamsin.oduya' => 3, 'wilf.garrity' => 3], 1],
        'WEIR' => ['Tarn weir fish pass', 'tarn', 'brannoc.leigh', -16, 11, '', 'water', ['gideon.park' => 5, 'callum.reyes' => 3, 'mirela.stannard' => 4, 'noor.cavendish' => 3], 8],
        'PEAT' => ['Cold Moss re-wetting', 'coldmoss', 'hester.amadi', -24, 13, '', 'water', ['edmund.tarrant' => 6, 'jem.sorley' => 6, 'delphine.mossop' => 3, 'kestrel.boyd' => 4, 'fenna.holt' => 3], 0],
        'LOCK' => ['Lock gates at Wendle Cut', 'tarn', 'brannoc.leigh', -10, 12, '', 'water', ['lorne.whitby' => 5, 'fenna.holt' => 3, 'callum.reyes' => 3, 'gideon.park' => 1], 3],
        'BATS' => ['Bat roosts, Hollin Tower', 'hollin', 'hester.amadi', -12, 7, '', 'wildlife', ['delphine.mossop' => 3, 'ilse.navarro' => 5, 'noor.cavendish' => 3, 'kestrel.boyd' => 2], -2],
        'BEES' => ['Mason bee bank, Sandle Quarry', 'quarry', 'hester.amadi', -5, 10, 'none', 'wildlife', ['ilse.navarro' => 1, 'mirela.stannard' => 2, 'lorne.whitby' => 1], 0],
    ];

    /**
     * By kind of work: phases with their tasks, in the order of time. Code: name.
     *
     * @var array<string, array<string, array<string, string>>>
     */
    public const WORK = [
        'light' => [
            'Survey' => ['ACCESS' => 'Access and rope plan', 'LENS-SURVEY' => 'Lens survey', 'METAL' => 'Gun-metal condition', 'DRAW' => 'Measured drawings'],
            'Refit' => ['DISMANTLE' => 'Dismantle and crate the lens', 'GLASS' => 'Regrind and replace prisms', 'BEARING' => 'Rotation bearing', 'PUTTY' => 'Reset in putty', 'WIRING' => 'Lamp changer and wiring'],
            'Handover' => ['TRIAL' => 'Night trial', 'MANUAL' => 'Keeper\'s manual', 'REPORT' => 'Report to the trust'],
        ],
        'stone' => [
            'Survey' => ['SCAFFOLD' => 'Scaffold design and check', 'SURVEY' => 'Fabric survey', 'SAMPLES' => 'Mortar and timber samples'],
            'Repair' => ['CUT' => 'Cut out failed stone', 'DRESS' => 'Dress new stone', 'FRAME' => 'Frame and timber repair', 'POINT' => 'Lime pointing', 'IRON' => 'Ironwork and ties', 'DRAIN' => 'Drainage'],
            'Handover' => ['RECORD' => 'Record drawings', 'STRIKE' => 'Strike scaffold', 'REPORT' => 'Conservation report'],
        ],
        'survey' => [
            'Prepare' => ['ARCHIVE' => 'Archive search', 'SET-OUT' => 'Control points', 'PERMITS' => 'Permits and tide windows'],
            'Field' => ['SCAN' => 'Scanning', 'CLOSE' => 'Close inspection', 'CORES' => 'Cores and soundings', 'DRONE' => 'Photographs from the air'],
            'Report' => ['MODEL' => 'Model and drawings', 'DEFECTS' => 'Schedule of defects', 'COSTS' => 'Cost of repairs', 'REPORT' => 'Report'],
        ],
        'water' => [
            'Survey' => ['LEVELS' => 'Levels and flow', 'GROUND' => 'Ground investigation', 'HABITAT' => 'Habitat survey'],
            'Design' => ['MODEL' => 'Flow model', 'DESIGN' => 'Design and drawings', 'CONSENT' => 'Consents'],
            'Works' => ['DAMS' => 'Dams and boards', 'GATES' => 'Gates and sluices', 'BANK' => 'Bank works', 'PLANT' => 'Planting'],
            'Aftercare' => ['MONITOR' => 'Monitoring', 'REPORT' => 'Report'],
        ],
        'wildlife' => [
            'Survey' => ['DUSK' => 'Dusk and dawn counts', 'ROOST' => 'Roost and nest inspection', 'LICENCE' => 'Licence application'],
            'Works' => ['BOXES' => 'Boxes and banks', 'TIMING' => 'Watching brief', 'LIGHTING' => 'Lighting plan', 'HEDGE' => 'Hedges and flight lines'],
            'Aftercare' => ['COUNT' => 'Counts after works', 'ADVICE' => 'Advice to the owner', 'REPORT' => 'Report'],
        ],
    ];

    public const INTERNAL = 'OWN';

    public const INTERNAL_TASKS = [
        'MEETINGS' => 'Meetings', 'TRAINING' => 'Training', 'OFFERS' => 'Offers and site visits before a contract',
        'WORKSHOP' => 'Workshop and tools', 'ADMIN' => 'Office work',
    ];

    /** What people write beside their hours, by task. */
    public const NOTES = [
        'LENS-SURVEY' => ['Panels 3 to 8', 'Photographed the upper prisms', 'Chipped edge on panel 5'],
        'SCAN' => ['Two stations repeated after the rain', 'North side'],
        'POINT' => ['Second coat on the west face', 'Frost sheets on overnight'],
        'GROUND' => ['Trial pit 4', 'Rock at 1.2 m, not 3 m'],
        'DAMS' => ['Twelve boards set', 'Compartment 6'],
        'DUSK' => ['41 out, 38 back', 'Wind too strong after ten'],
        'MEETINGS' => ['Monday round', 'Safety talk'],
        'TRAINING' => ['Rope access refresher', 'First aid'],
    ];
}
