<?php

declare(strict_types=1);

namespace Demo;

/**
 * Who works at Fenlight Works. All names are invented.
 */
final class Cast
{
    /** Code: name, team, line manager, access, usual role, work pattern (empty for the usual one). */
    public const PEOPLE = [
        'maren.oakes' => ['Maren Oakes', 'office', '', 'office', 'principal', ''],
        'tobin.vale' => ['Tobin Vale', 'office', 'maren.oakes', 'office', 'keeper', ''],
        'sunniva.bright' => ['Sunniva Bright', 'office', 'maren.oakes', 'viewer', '', ''],
        'hal.wintour' => ['Hal Wintour', 'office', 'maren.oakes', 'member', 'keeper', '6 6 6 6 0 0 0'],

        'idris.calloway' => ['Idris Calloway', 'coast', 'maren.oakes', 'manager', 'principal', ''],
        'ottilie.brandreth' => ['Ottilie Brandreth', 'coast', 'idris.calloway', 'manager', 'senior', ''],
        'ines.calder' => ['Ines Calder', 'coast', 'idris.calloway', 'member', 'surveyor', '8 8 8 8 6 0 0'],
        'rafe.penhallow' => ['Rafe Penhallow', 'coast', 'idris.calloway', 'member', 'fitter', ''],
        'yusra.lindqvist' => ['Yusra Lindqvist', 'coast', 'idris.calloway', 'member', 'fitter', ''],
        'corin.ashdown' => ['Corin Ashdown', 'coast', 'idris.calloway', 'member', 'surveyor', ''],
        'bettina.quayle' => ['Bettina Quayle', 'coast', 'ottilie.brandreth', 'member', 'drafter', '8 8 8 0 0 0 0'],
        'magnus.treloar' => ['Magnus Treloar', 'coast', 'ottilie.brandreth', 'member', 'fitter', ''],
        'pilar.duncombe' => ['Pilar Duncombe', 'coast', 'ottilie.brandreth', 'member', 'senior', ''],
        'ewan.skerry' => ['Ewan Skerry', 'coast', 'ottilie.brandreth', 'member', 'apprentice', ''],
        'liv.haddow' => ['Liv Haddow', 'coast', 'ottilie.brandreth', 'member', 'surveyor', ''],

        'agnes.thornbury' => ['Agnes Thornbury', 'stone', 'maren.oakes', 'manager', 'principal', ''],
        'dov.merriman' => ['Dov Merriman', 'stone', 'agnes.thornbury', 'manager', 'senior', ''],
        'cato.ellery' => ['Cato Ellery', 'stone', 'agnes.thornbury', 'member', 'mason', ''],
        'freya.underhill' => ['Freya Underhill', 'stone', 'agnes.thornbury', 'member', 'mason', ''],
        'jonas.petherick' => ['Jonas Petherick', 'stone', 'agnes.thornbury', 'member', 'mason', ''],
        'nadia.brook' => ['Nadia Brook', 'stone', 'agnes.thornbury', 'member', 'surveyor', ''],
        'silas.wren' => ['Silas Wren', 'stone', 'dov.merriman', 'member', 'mason', ''],
        'tamsin.oduya' => ['Tamsin Oduya', 'stone', 'dov.merriman', 'member', 'senior', ''],
        'ulric.fairfax' => ['Ulric Fairfax', 'stone', 'dov.merriman', 'member', 'mason', '9 9 9 9 0 0 0'],
        'vera.lockhart' => ['Vera Lockhart', 'stone', 'dov.merriman', 'member', 'drafter', ''],
        'wilf.garrity' => ['Wilf Garrity', 'stone', 'dov.merriman', 'member', 'apprentice', ''],
        'xenia.rowe' => ['Xenia Rowe', 'stone', 'dov.merriman', 'member', 'surveyor', ''],

        'brannoc.leigh' => ['Brannoc Leigh', 'wetland', 'maren.oakes', 'manager', 'principal', ''],
        'hester.amadi' => ['Hester Amadi', 'wetland', 'brannoc.leigh', 'manager', 'senior', ''],
        'callum.reyes' => ['Callum Reyes', 'wetland', 'brannoc.leigh', 'member', 'ecologist', ''],
        'delphine.mossop' => ['Delphine Mossop', 'wetland', 'brannoc.leigh', 'member', 'ecologist', ''],
        'edmund.tarrant' => ['Edmund Tarrant', 'wetland', 'brannoc.leigh', 'member', 'ranger', ''],
        'fenna.holt' => ['Fenna Holt', 'wetland', 'brannoc.leigh', 'member', 'ranger', ''],
        'gideon.park' => ['Gideon Park', 'wetland', 'hester.amadi', 'member', 'surveyor', ''],
        'ilse.navarro' => ['Ilse Navarro', 'wetland', 'hester.amadi', 'member', 'ecologist', '8 8 0 8 8 0 0'],
        'jem.sorley' => ['Jem Sorley', 'wetland', 'hester.amadi', 'member', 'ranger', ''],
        'kestrel.boyd' => ['Kestrel Boyd', 'wetland', 'hester.amadi', 'member', 'ranger', ''],
        'lorne.whitby' => ['Lorne Whitby', 'wetland', 'hester.amadi', 'member', 'surveyor', ''],
        'mirela.stannard' => ['Mirela Stannard', 'wetland', 'hester.amadi', 'member', 'drafter', ''],
        'noor.cavendish' => ['Noor Cavendish-Featherstonehaugh', 'wetland', 'hester.amadi', 'member', 'ecologist', ''],
    ];

    public const TEAMS = [
        'office' => ['Office', 'maren.oakes'],
        'coast' => ['Lights and coast', 'idris.calloway'],
        'stone' => ['Stone and bells', 'agnes.thornbury'],
        'wetland' => ['Wet ground', 'brannoc.leigh'],
    ];

    /** Code: name, cost rate, bill rate. An apprentice has no rate yet, which the screens must say. */
    public const ROLES = [
        'principal' => ['Principal', '96.00', '165.00'],
        'senior' => ['Senior', '78.50', '135.00'],
        'surveyor' => ['Surveyor', '64.00', '112.00'],
        'mason' => ['Mason', '58.40', '98.00'],
        'fitter' => ['Lens fitter', '61.25', '104.00'],
        'ecologist' => ['Ecologist', '62.75', '110.00'],
        'ranger' => ['Ranger', '47.80', '82.00'],
        'drafter' => ['Drafter', '52.00', '88.00'],
        'keeper' => ['Office keeper', '49.00', ''],
        'apprentice' => ['Apprentice', '', ''],
    ];

    /** Hand their weeks in late; PEAT is under-recorded because of them. */
    public const LATE = ['edmund.tarrant', 'jem.sorley'];

    /** Has more planned than days hold. */
    public const OVERLOADED = 'corin.ashdown';
}
