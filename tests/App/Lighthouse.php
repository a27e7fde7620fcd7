<?php

declare(strict_types=1);

namespace Tests\App;

/**
 * A small organisation as exchange files: ada records, mo manages the project, lee leads ada, kit keeps the office,
 * vic reads, bo belongs to nobody.
 */
final class Lighthouse
{
    /**
     * @param  array<string, string>  $changed  files to add or to put in the place of others
     * @return array<string, string> contents by file name
     */
    public static function files(array $changed = []): array
    {
        return $changed + [
            'organisation.csv' => "key,value\nname,Lighthouse\ncalendar,coast\n",
            'calendars.csv' => "calendar,date,name,part\ncoast,2026-06-15,Harbour Day,\n",
            'teams.csv' => "team,name,lead\nfield,Field,lee\n",
            'roles.csv' => "role,name\nsurveyor,Surveyor\nsenior,Senior\n",
            'people.csv' => <<<'CSV'
                person,name,email,team,manager,access,role,pattern
                ada,Ada Moor,ada@lighthouse.example,field,lee,member,surveyor,8 8 8 8 6 0 0
                bo,Bo Carr,bo@lighthouse.example,,,member,,
                mo,Mo Fell,mo@lighthouse.example,,lee,manager,senior,
                lee,Lee Tor,lee@lighthouse.example,,,manager,,
                kit,Kit Ness,kit@lighthouse.example,,,office,,
                vic,Vic Brae,vic@lighthouse.example,,,viewer,,

                CSV,
            'rates.csv' => "person,role,from,cost_rate,bill_rate\n,surveyor,2026-01-01,87.65,120\n",
            'clients.csv' => "client,name\nharbour,Harbour Board\n",
            'projects.csv' => <<<'CSV'
                project,name,client,manager,starts_on,ends_on,internal,state
                LENS,Lens refit,harbour,mo,2026-06-01,2026-07-31,no,open
                OLD,Old crane,harbour,mo,2026-01-01,2026-05-31,no,closed
                OWN,Our own time,,kit,,,yes,open

                CSV,
            'tasks.csv' => <<<'CSV'
                project,task,name,phase,planned,budget,done_on
                LENS,FIT,Fit the lens,Refit,40,5000,
                LENS,CLEAN,Clean the lens,Refit,,,
                LENS,DRAW,Drawings,,8,,2026-06-12
                OLD,SCRAP,Scrap it,,10,,
                OWN,TRAIN,Training,,,,

                CSV,
            'assignments.csv' => <<<'CSV'
                project,task,person,team,role,planned,starts_on,ends_on
                LENS,FIT,ada,,surveyor,32,2026-06-15,2026-06-26
                LENS,CLEAN,,field,,8,2026-06-15,2026-06-18
                LENS,DRAW,ada,,surveyor,8,2026-06-01,2026-06-30
                OLD,SCRAP,ada,,surveyor,10,2026-01-01,2026-12-31

                CSV,
            'absences.csv' => "person,date,hours,kind\nada,2026-06-19,4,Leave\n",
        ];
    }
}
