<?php

declare(strict_types=1);

/*
 * Writes exchange files beside those of the demonstration into a folder: somebody with eight lines whose plan is right,
 * somebody with sixty lines and long names, somebody in another part of the world; and three for what happens between
 * a member, a manager and a stand-in; and four who begin a project.
 */

$folder = $argv[1] ?? exit('Name a folder.');
@mkdir($folder, 0777, true);
$long = 'Underpinning of the northern quay wall between the third and the seventh bollard, with all that the tide allows us to do';
$people = [
    ['wren.octave', 'Wren Octave', ''],
    ['silas.sexton', 'Silas '.implode('-', array_fill(0, 15, 'Sexton')).' of Quay I', ''],
    ['moana.tide', 'Moana Tide', 'Pacific/Auckland'],
];
$tasks = "project,task,name,charge_code\n";
$assignments = "project,task,person,role,planned,starts_on,ends_on\n";
foreach (['Soundings', 'Piles', 'Fenders', 'Ladders', 'Mooring rings', 'Drains', 'Paving', 'Reports'] as $index => $name) {
    $tasks .= "QUAY,Q$index,$name,44-10$index\n";
    $assignments .= "QUAY,Q$index,wren.octave,,5,2026-06-15,2026-06-19\n";
}
for ($number = 1; $number <= 60; $number++) {
    $project = 'PIER'.intdiv($number - 1, 12);
    $tasks .= sprintf("%s,P%02d,%s,\n", $project, $number, $number === 7 ? '"'.$long.'"' : 'Pier section '.$number);
    $assignments .= sprintf("%s,P%02d,silas.sexton,,10,2026-06-01,2026-06-30\n", $project, $number);
}
$tasks .= "QUAY,TIDE,Tide tables,\nQUAY,CLOSE,Lamp room,\n";
$assignments .= "QUAY,TIDE,moana.tide,,20,2026-06-15,2026-06-26\nQUAY,CLOSE,moana.tide,,2,2026-06-15,2026-06-26\n";
$projects = "project,name,manager,starts_on,ends_on\nQUAY,Gull quay wall,idris.calloway,2026-06-01,2026-06-30\n";
for ($index = 0; $index < 5; $index++) {
    $projects .= "PIER$index,Long pier ".($index + 1).",idris.calloway,2026-06-01,2026-06-30\n";
}
$people = array_map(static fn (array $person): string => sprintf("%s,%s,%s@fenlight.example,idris.calloway,member,%s\n", $person[0], $person[1], $person[0], $person[2]), $people);
$people[] = "una.sedge,Una Sedge,una.sedge@fenlight.example,idris.calloway,manager,Europe/Dublin\n";
$people[] = "ivo.marl,Ivo Marl,ivo.marl@fenlight.example,una.sedge,member,Europe/Dublin\n";
$people[] = "per.knoll,Per Knoll,per.knoll@fenlight.example,idris.calloway,member,Europe/Dublin\n";
// Four for whom nothing is planned yet.
$people[] = "nell.sark,Nell Sark,nell.sark@fenlight.example,idris.calloway,manager,Europe/Dublin\n";
foreach (['bram.holm' => 'Bram Holm', 'cleo.fenn' => 'Cleo Fenn', 'dara.voe' => 'Dara Voe'] as $code => $name) {
    $people[] = "$code,$name,$code@fenlight.example,nell.sark,member,Europe/Dublin\n";
}
// Somebody who records by the clock.
$people[] = "sorrel.mead,Sorrel Mead,sorrel.mead@fenlight.example,idris.calloway,member,Europe/Dublin\n";
$projects .= "OTTER,Otter weir,idris.calloway,2026-06-01,2026-06-30\n";
$tasks .= "OTTER,SILL,Sill repair,\nOTTER,GAUGE,Gauge readings,\n";
$assignments .= "OTTER,SILL,sorrel.mead,,16,2026-06-18,2026-06-19\nOTTER,GAUGE,sorrel.mead,,4,2026-06-15,2026-06-26\n";
// Three who have just come, and what two of them work on.
foreach (['isla.crane' => ['Isla Crane', 'idris.calloway'], 'orla.finch' => ['Orla Finch', 'isla.crane'], 'teague.rowan' => ['Teague Rowan', 'isla.crane']] as $code => [$name, $manager]) {
    $people[] = "$code,$name,$code@fenlight.example,$manager,".($code === 'isla.crane' ? 'manager' : 'member').",Europe/Dublin\n";
}
$projects .= "DUNE,Dune fences,isla.crane,2026-06-01,2026-06-30\n";
$tasks .= "DUNE,FENCE,Fences,\n";
$assignments .= "DUNE,FENCE,orla.finch,,16,2026-06-15,2026-06-26\nDUNE,FENCE,teague.rowan,,16,2026-06-15,2026-06-26\n";
$projects .= "MOLE,Mole Bay breakwater,una.sedge,2026-06-01,2026-06-30\n";
$tasks .= "MOLE,ARMOUR,Armour stone,\nMOLE,SLIP,Slipway,\n";
$assignments .= "MOLE,ARMOUR,ivo.marl,,200,2026-06-01,2026-06-30\nMOLE,SLIP,ivo.marl,,20,2026-06-01,2026-06-30\n";
$entries = "person,project,task,date,hours,state\n";
foreach (['2026-06-08', '2026-06-09', '2026-06-10', '2026-06-11', '2026-06-12'] as $day) {
    $entries .= "ivo.marl,MOLE,ARMOUR,$day,8,approved\n";
}
$entries .= "ivo.marl,MOLE,ARMOUR,2026-06-15,8,draft\nivo.marl,MOLE,ARMOUR,2026-06-16,8,draft\n";
file_put_contents($folder.'/entries.csv', $entries);
file_put_contents($folder.'/people.csv', "person,name,email,manager,access,timezone\n".implode('', $people));
file_put_contents($folder.'/projects.csv', $projects);
file_put_contents($folder.'/tasks.csv', $tasks);
file_put_contents($folder.'/assignments.csv', $assignments);
